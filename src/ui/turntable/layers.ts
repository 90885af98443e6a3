import { piecesOfItem } from '@/core/layout';
import type { JobPlan, LayerOnBlank } from '@/core/plan';
import type { Images } from './faceCanvas';

/** What every pass leaves on one item. */
export const layersOf = ({ layers }: Pick<JobPlan, 'layers'>, itemId: string): LayerOnBlank[] =>
  layers.map((layer) => ({ ...layer, pieces: piecesOfItem(layer.pieces, itemId) }));

/** The pictures that layers show, by SHA-256. */
export const picturesOf = (layers: readonly LayerOnBlank[]): string[] =>
  layers.flatMap(({ pieces }) => pieces).flatMap(({ arts }) => arts.map((art) => art.artSha256));

async function decoded(previews: ReadonlyMap<string, string>): Promise<Images> {
  const loaded = await Promise.all(
    [...previews].map(async ([sha256, url]) => {
      const image = new Image();
      image.src = url;
      await image.decode();
      return [sha256, image] as const;
    }),
  );
  return new Map(loaded);
}

/** The pictures, decoded; none where previews were let go of meanwhile: the next ones are on their way. */
export const loadImages = (previews: ReadonlyMap<string, string>): Promise<Images> =>
  decoded(previews).catch((): Images => new Map<string, CanvasImageSource>());

/** While the job keeps changing (a drag, typing) the finished thing waits this long for it to rest, ms. */
const SETTLE_MS = 180;
/** Waits for the job to rest. */
export const settled = () => new Promise<void>((done) => setTimeout(done, SETTLE_MS));
