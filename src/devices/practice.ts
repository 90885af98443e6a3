import type { Expected } from '@/core/look';
import { right, type Box } from '@/core/geometry';
import { turnedOver } from '@/core/proof';
import { randomOf } from '@/core/random';
import type { LyingSheet, LyingThing, Shot, TableScene } from './camera';
import { dulled } from './printer';

const { floor, max, PI } = Math;

/** What may be wrong in a photo to practise with. */
export const PRACTICE_FAULTS = [
  'nothing',
  'mirrored',
  'small',
  'tape',
  'step',
  'swapped',
  'turned',
  'missing',
] as const;
export type PracticeFault = (typeof PRACTICE_FAULTS)[number];

/** Faults that only sheets laid together can have. */
export const LAID_FAULTS: readonly PracticeFault[] = ['step', 'swapped', 'turned', 'missing'];

/** How far a sheet is put off in practice, how small a print comes out, and how large a strip of tape is. */
const STEP_MM = 1.2;
const SMALL = 0.98;
const TAPE_MM = { width: 12, height: 45 };

/**
 * A table with what the plan says must lie on it, but for one fault.
 * @param picked which sheet has it, from 0.
 */
export function practiceScene(expected: Expected, fault: PracticeFault, seed: number): TableScene {
  const random = randomOf(seed);
  const { picture, parts, paper, kind } = expected;
  const print = dulled(picture);
  const whole: Box = paper ?? {
    x: 0,
    y: 0,
    width: picture.width / picture.pxPerMm,
    height: picture.height / picture.pxPerMm,
  };
  const boxes = kind === 'laid' ? parts.map(({ box }) => box) : [whole];
  const sheet = (kept: Box): LyingSheet => ({ print, kept, at: { x: 0, y: 0 }, turn: 0, scale: 1 });
  let sheets = boxes.map(sheet);
  const nth = floor(random() * sheets.length);
  const own = boxes[nth] ?? whole;
  const put = (part: Partial<LyingSheet>, of = nth) =>
    (sheets = sheets.map((each, i) => (i === of ? { ...each, ...part } : each)));
  const things: LyingThing[] = [];
  if (fault === 'mirrored') {
    const flipped = turnedOver(print);
    sheets = boxes.map((box) => ({
      ...sheet({ ...box, x: whole.width - right(box) }),
      print: flipped,
    }));
  } else if (fault === 'small') sheets = sheets.map((each) => ({ ...each, scale: SMALL }));
  else if (fault === 'tape') {
    const part = parts[nth] ?? { box: own };
    const { x, y, width, height } = part.box;
    things.push({
      box: { x: x + width / 2, y: y + max(0, height / 2 - TAPE_MM.height / 2), ...TAPE_MM },
      colour: [248, 248, 245],
      hides: 0.97,
    });
  } else if (fault === 'step') put({ at: { x: STEP_MM, y: STEP_MM } });
  else if (fault === 'turned') put({ turn: PI });
  else if (fault === 'missing') sheets = sheets.filter((_, i) => i !== nth);
  else if (fault === 'swapped' && boxes.length > 1) {
    const other = (nth + 1) % boxes.length;
    const two = boxes[other] ?? own;
    put({ at: { x: two.x - own.x, y: two.y - own.y } });
    put({ at: { x: own.x - two.x, y: own.y - two.y } }, other);
  }
  return { sheets, things, table: [104, 82, 66], waveMm: 0.15 };
}

/** A photo of it by hand, standing over the table. */
export function practiceShot({ picture }: Expected, seed: number): Shot {
  const random = randomOf(seed + 1);
  const [width, height] = [picture.width / picture.pxPerMm, picture.height / picture.pxPerMm];
  return {
    ...{ widthPx: 4000, heightPx: 3000 },
    frame: { x: -14, y: -14, width: width + 28, height: height + 28 },
    tiltDeg: 4 + 12 * random(),
    tiltTowardsDeg: 360 * random(),
    turnDeg: (height > width ? 90 : 0) + 8 * (random() - 0.5),
    lens: -0.03,
    lightFall: 0.2,
    shadow: 0.15,
    cast: [0.98, 0.94, 0.84],
    exposure: 0.85,
    blurPx: 0.8,
    noise: 2,
    seed,
  };
}
