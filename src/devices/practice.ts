import type { Expected, LevelPlan } from '@/core/look';
import { bottom, right, type Box } from '@/core/geometry';
import { turnedOver, whiteRaster, type Raster } from '@/core/proof';
import { randomOf } from '@/core/random';
import type { LyingSheet, LyingThing, Shot, TableScene } from './camera';
import { dulled } from './printer';

const { floor, max, min, PI } = Math;

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

/** What may be wrong with a print on its blank, to practise with. */
export const LEVEL_FAULTS = ['nothing', 'crooked', 'aside'] as const;
export type LevelFault = (typeof LEVEL_FAULTS)[number];

/** How far a print is turned on its blank in practice, degrees, and put aside, mm. */
const CROOKED_DEG = 2.2;
const ASIDE_MM = 9;
/** So much of the blank is in sight below its print, mm; a telephone's lens, and how far a hand turns it either way, degrees. */
const BELOW_MM = 60;
const PHONE_LENS = -0.01;
const HAND_TURN_DEG = 4;
const CLOTH = [196, 190, 178] as const;

/** A flat blank as wide as its face, with the trimmed print on it, its back in sight. */
export function levelScene({ print, face }: LevelPlan, fault: LevelFault): TableScene {
  const cloth = whiteRaster(face.width, face.height, 1);
  const tinted = { ...cloth, data: cloth.data.map((v, i) => CLOTH[(i % 4) as 0 | 1 | 2] ?? v) };
  const lying = (raster: Raster, { x, y, width, height }: Box): LyingSheet => ({
    ...{ print: raster, kept: { x: 0, y: 0, width, height }, at: { x, y }, turn: 0, scale: 1 },
  });
  const paper = lying(whiteRaster(print.width, print.height, 2), print);
  const put: Partial<LyingSheet> =
    fault === 'crooked'
      ? { turn: (CROOKED_DEG * PI) / 180 }
      : fault === 'aside'
        ? { at: { x: print.x + ASIDE_MM, y: print.y } }
        : {};
  return {
    sheets: [lying(tinted, face), { ...paper, ...put }],
    ...{ things: [], table: [104, 82, 66], waveMm: 0.15 },
  };
}

/** A photo of the upper part of the blank, the whole print in it. */
export function levelShot({ print, face }: LevelPlan, seed: number): Shot {
  const top = min(print.y, face.y);
  const low = min(bottom(face), bottom(print) + BELOW_MM);
  const shot = shotOf({ x: face.x, y: top, width: face.width, height: low - top }, seed);
  return { ...shot, lens: PHONE_LENS, turnDeg: 2 * HAND_TURN_DEG * (randomOf(seed)() - 0.5) };
}

/** A photo of all that lies there. */
export function practiceShot({ picture }: Expected, seed: number): Shot {
  const [width, height] = [picture.width / picture.pxPerMm, picture.height / picture.pxPerMm];
  return shotOf({ x: 0, y: 0, width, height }, seed);
}

/** A photo by hand, standing over the table. */
function shotOf({ x, y, width, height }: Box, seed: number): Shot {
  const random = randomOf(seed + 1);
  return {
    ...{ widthPx: 4000, heightPx: 3000 },
    frame: { x: x - 14, y: y - 14, width: width + 28, height: height + 28 },
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
