import {
  lookAt,
  lookByFeatures,
  lookByPaper,
  photographed,
  type LevelPlan,
  type Look,
} from '@/core/look';
import type { Point } from '@/core/geometry';
import { failure, success, type Result } from '@/core/result';
import {
  levelScene,
  levelShot,
  photographTable,
  practiceScene,
  practiceShot,
  type LevelFault,
  type PracticeFault,
  type Shot,
  type TableScene,
} from '@/devices';
import { inspectImage } from '@/files/image';
import { readyOf, type LookInput } from './mustLie';
import { amongOthers, areSketched, sketchedAhead } from './otherSheets';
import type { OnProgress } from './progress';

/** A photo is looked at no larger than this, longest side, pixels. */
const PHOTO_PX = 4608;
/** How a camera writes its photos. */
const JPEG = { type: 'image/jpeg', quality: 0.88 } as const;

async function pixelsOf(photo: Blob): Promise<Result<ImageData>> {
  const facts = inspectImage(new Uint8Array(await photo.arrayBuffer()));
  if (!facts.ok) return facts;
  const bitmap = await createImageBitmap(photo).catch(() => null);
  if (!bitmap) return failure('The photo cannot be decoded; the file is damaged. Take it again.');
  const scale = Math.min(1, PHOTO_PX / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
  const brush = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (!brush) return failure('This browser cannot draw pictures in the background.');
  brush.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  return success(brush.getImageData(0, 0, width, height));
}

/** A look at a photo, with the size of the photo it is told in and what it was held against. */
export interface PhotoLook {
  readonly look: Look;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Id of the sheet, or of the piece, that was asked for, and of the one it shows; null where it was not found. */
  readonly asked: string;
  readonly shown: string | null;
}

/** Whether a photo was asked to be looked at: what is made ready ahead waits then. */
let asked = false;

/** Makes ready what must be in a photo to come, and after it what may be there instead. */
export async function readyForPhoto(input: LookInput): Promise<void> {
  await readyOf(input, () => undefined);
  const { what } = input;
  if (what.kind === 'sheet') await sketchedAhead(input, what.sheetId, () => !asked);
}

/**
 * Holds a photo against what the plan says must lie there; a photo that does not show the sheet it was taken for is
 * held against the others of the job.
 * @param corners of the paper or of all that is laid, shares of the photo each way, where a person pointed at them.
 */
export async function lookAtPhoto(
  input: LookInput,
  photo: Blob,
  corners: readonly Point[],
  onProgress: OnProgress,
): Promise<Result<PhotoLook>> {
  asked = true;
  const pixels = await pixelsOf(photo);
  if (!pixels.ok) return pixels;
  const { width: widthPx, height: heightPx } = pixels.value;
  const places = corners.map(({ x, y }) => ({ x: x * widthPx, y: y * heightPx }));
  const taken = photographed(pixels.value);
  const wanted = await readyOf(input, onProgress);
  onProgress({ doing: 'Holding the photo against the plan', share: 0.3 });
  const { id } = wanted.expected;
  const told = { widthPx, heightPx, asked: id };
  const own = (look: Look) => (look.which === null ? null : { ...told, look, shown: id });
  const pointed = places.length === 4;
  const first = pointed ? lookAt(taken, [wanted], places) : lookByFeatures(taken, [wanted]);
  const itself = own(first);
  if (itself) return success(itself);
  const isSheet = input.what.kind === 'sheet';
  const others = isSheet ? amongOthers(input, wanted, taken, places, onProgress) : null;
  const amongAll = async () => {
    for await (const other of others ?? []) if (other) return { ...told, ...other };
    return null;
  };
  const byPaper = () => own(pointed ? first : lookByPaper(taken, [wanted]));
  // all of them at once are sooner told apart than each by itself
  const found =
    others && areSketched(input, id)
      ? ((await amongAll()) ?? byPaper())
      : (byPaper() ?? (await amongAll()));
  return success(found ?? { ...told, look: first, shown: null });
}

/** A photo to practise with, and what a look at it came to. */
export interface Practised {
  readonly photo: Blob;
  readonly told: Result<PhotoLook>;
}

/** Takes a photo by the simulated camera, of what the plan says must lie there but for one fault, and looks at it. */
export async function practised(
  input: LookInput,
  of: { fault: PracticeFault; seed: number },
  onProgress: OnProgress,
): Promise<Practised> {
  asked = true;
  const { expected } = await readyOf(input, onProgress);
  onProgress({ doing: 'Taking a photo by the simulated camera', share: 0.1 });
  const scene = practiceScene(expected, of.fault, of.seed);
  const photo = await photoOf(scene, practiceShot(expected, of.seed));
  return { photo, told: await lookAtPhoto(input, photo, [], onProgress) };
}

/** A photo by the simulated camera, of a print on its blank but for one fault. */
export const practiceOnBlank = (
  plan: LevelPlan,
  of: { fault: LevelFault; seed: number },
): Promise<Blob> => photoOf(levelScene(plan, of.fault), levelShot(plan, of.seed));

function photoOf(scene: TableScene, shot: Shot): Promise<Blob> {
  const { width, height, data } = photographTable(scene, shot);
  const canvas = new OffscreenCanvas(width, height);
  canvas
    .getContext('2d')
    ?.putImageData(new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height), 0, 0);
  return canvas.convertToBlob(JPEG);
}
