import {
  lookThere,
  placesAmong,
  ready,
  type Look,
  type Photographed,
  type Ready,
} from '@/core/look';
import type { Point } from '@/core/geometry';
import type { Artwork } from '@/core/model';
import type { Sheet } from '@/core/sheet';
import { bitmapAsStored } from './bitmap';
import { sheetOf, sourcesOf, type LookInput } from './mustLie';
import type { OnProgress } from './progress';
import type { SheetSources } from './sheetPng';

/** Sheets that nobody spoke of are sketched by so many pixels on the longer side; the likeliest are looked for by more. */
const SKETCH_PX = 400;
const OTHERS_PX = 1200;
const LIKELIEST = 2;
/** A picture is sketched from no more than this on its longer side, though it may go over many sheets, pixels. */
const PICTURE_PX = 2400;

/** A picture made smaller, as it is stored: decoding a large one for each of its sheets takes seconds. */
async function reduced(blob: Blob, art: Artwork): Promise<Blob> {
  const bitmap = await bitmapAsStored(blob, art);
  const scale = PICTURE_PX / Math.max(bitmap.width, bitmap.height);
  if (scale >= 1) {
    bitmap.close();
    return blob;
  }
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  );
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas.convertToBlob();
}

/** Draws sheets of a job small, each once, to tell which of them a photo shows. */
interface Sketcher {
  readonly sketch: (sheet: Sheet) => Promise<Ready>;
  readonly isDone: (sheet: Sheet) => boolean;
}

/** Where sketches take their pictures from. */
async function smallSources(input: LookInput): Promise<SheetSources> {
  // bent pictures are read pixel by pixel, by the size they have
  const bent = new Set(
    input.plan.pieces.flatMap(({ bend, arts }) => (bend ? arts.map((art) => art.artSha256) : [])),
  );
  const blobs = new Map<string, Blob>();
  for (const [sha256, blob] of input.blobs) {
    const art = input.job.arts.find((each) => each.sha256 === sha256);
    blobs.set(sha256, bent.has(sha256) || !art ? blob : await reduced(blob, art));
  }
  return sourcesOf({ ...input, blobs }, () => undefined);
}

function sketcherOf(input: LookInput): Sketcher {
  const sources = smallSources(input);
  const drawn = new Map<string, Promise<Ready>>();
  const done = new Set<string>();
  const sketch = (sheet: Sheet) => {
    const known = drawn.get(sheet.id);
    if (known) return known;
    const one = sources.then(async (small) => {
      const thing = ready(await sheetOf(input.plan, sheet, small, SKETCH_PX));
      thing.wanted();
      done.add(sheet.id);
      return thing;
    });
    drawn.set(sheet.id, one);
    return one;
  };
  return { sketch, isDone: ({ id }) => done.has(id) };
}

/** What sheets were sketched of last, and how. */
let last: { readonly of: string; readonly is: Sketcher } | null = null;

function sketcher(input: LookInput): Sketcher {
  const { job, plan } = input;
  const of = JSON.stringify([job, plan.tools, plan.mirror]);
  if (last?.of !== of) last = { of, is: sketcherOf(input) };
  return last.is;
}

const othersThan = (asked: string, { plan }: LookInput): readonly Sheet[] =>
  plan.sheets.filter(({ id }) => id !== asked);

/**
 * Sketches the other sheets of a job, one after another, while a photo is still taken.
 * @param asked id of the sheet it is taken of. @param wanted asked before each; ends where it says that something else is wanted by now.
 */
export async function sketchedAhead(
  input: LookInput,
  asked: string,
  wanted: () => boolean,
): Promise<void> {
  const others = othersThan(asked, input);
  if (others.length === 0) return;
  const { sketch } = sketcher(input);
  for (const sheet of others) {
    // what was asked meanwhile comes first
    await new Promise((begin) => setTimeout(begin));
    if (!wanted()) return;
    await sketch(sheet);
  }
}

/** Whether every other sheet of a job was sketched ahead, so that telling which of them a photo shows takes little. */
export function areSketched(input: LookInput, asked: string): boolean {
  const others = othersThan(asked, input);
  return others.length > 0 && others.every(sketcher(input).isDone);
}

/**
 * Looks for any other sheet of the plan in the photo, one way after another: by what they show, by the edges of the paper,
 * where the sheet that was asked for is one of them.
 * @param asked the sheet the photo was taken for. @param corners of the paper, pixels, where a person pointed at them.
 * @returns what each way came to, where it came to anything; looked for when it is asked for.
 */
export async function* amongOthers(
  input: LookInput,
  asked: Ready,
  photo: Photographed,
  corners: readonly Point[],
  onProgress: OnProgress,
): AsyncGenerator<{ look: Look; shown: string } | null, void> {
  const others = othersThan(asked.expected.id, input);
  if (others.length === 0) return;
  const { sketch } = sketcher(input);
  const sketches: Ready[] = [];
  for (const sheet of others) {
    onProgress({
      doing: 'Looking which sheet of this job the photo shows',
      share: 0.5 + (0.3 * sketches.length) / others.length,
    });
    sketches.push(await sketch(sheet));
  }
  for (const places of placesAmong(photo, sketches, LIKELIEST, corners, asked)) {
    onProgress({ doing: 'Holding the photo against the likeliest', share: 0.9 });
    const things = [...sketches, asked];
    for (const { which } of places) {
      const sheet = others[which];
      if (sheet && things[which] === sketches[which])
        things[which] = ready(
          await sheetOf(input.plan, sheet, sourcesOf(input, onProgress), OTHERS_PX),
        );
    }
    const look = lookThere(photo, things, places);
    const shown = look.which === null ? undefined : things[look.which]?.expected.id;
    yield shown ? { look, shown } : null;
  }
}
