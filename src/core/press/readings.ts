import type { Box } from '../geometry';
import {
  MOST_DROP_C,
  MOST_MEASURED,
  MOST_OFFSET_C,
  type Machine,
  type Measured,
  type Readings,
} from '../model';
import { medianOf } from '../median';

/** A plate, mm. */
type Plate = NonNullable<Machine['plate']>;
type Place = Readings['places'][number];

/** What a machine's readings say of it; null where they do not say it. */
export interface Learned {
  /** What the plate reads less what the display says, in the middle of all places, °C. */
  readonly offsetC: number | null;
  /** How far the plate cooled on closing, °C. */
  readonly dropC: number | null;
  /** From closing until it was back, s. */
  readonly recoverS: number | null;
}

/** Fewer moments than these tell nothing of a pressing. */
export const LEAST_MOMENTS = 3;
/** Fewer places than these make no map. */
export const LEAST_PLACES = 4;
/** A plate this near its heat is back at it, °C (about what a thermometer errs by; own choice). */
const BACK_C = 2;

const errorAt = ({ displayC, plateC }: Place): number => plateC - displayC;

/**
 * Offset, drop and recovery out of readings. The offset is the median, so that one place that was read wrong
 * does not move it; a pressing begins at its first moment.
 */
export function learnedFrom({ places, pressing }: Readings): Learned {
  const offsetC = places.length > 0 ? medianOf(places.map(errorAt)) : null;
  const moments = [...pressing].sort((a, b) => a.s - b.s);
  const [first] = moments;
  if (!first || moments.length < LEAST_MOMENTS) return { offsetC, dropC: null, recoverS: null };
  const coolest = moments.reduce((low, each) => (each.plateC < low.plateC ? each : low));
  const back = moments.find(({ s, plateC }) => s >= coolest.s && plateC >= first.plateC - BACK_C);
  return {
    offsetC,
    dropC: first.plateC - coolest.plateC,
    recoverS: back ? back.s - first.s : null,
  };
}

/** A machine as its readings say it is; what they do not say stays as it was. */
export function withReadings(machine: Machine, readings: Readings): Machine {
  const { offsetC, dropC, recoverS } = learnedFrom(readings);
  const held = (c: number, least: number, most: number) => Math.min(most, Math.max(least, c));
  return {
    ...machine,
    readings: readings.places.length + readings.pressing.length > 0 ? readings : null,
    ...(offsetC !== null && { displayOffsetC: held(offsetC, -MOST_OFFSET_C, MOST_OFFSET_C) }),
    ...(dropC !== null && { dropC: held(dropC, 0, MOST_DROP_C), recoverS }),
  };
}

/** A measuring so soon after another puts it right, ms (own choice: half a day). */
const PUTS_RIGHT_MS = 12 * 3600_000;

/**
 * A machine with what its places came to kept among its measurings, where they were read anew; one soon after
 * another puts that right.
 * @param before as it was before it was measured.
 */
export function withMeasuring(machine: Machine, before: Machine, at: Date): Machine {
  const places = machine.readings?.places ?? [];
  const { offsetC } = learnedFrom({ places, pressing: [] });
  const known = JSON.stringify(before.readings?.places ?? []) === JSON.stringify(places);
  if (offsetC === null || known) return machine;
  const fresh = {
    at: at.toISOString(),
    displayC: medianOf(places.map((p) => p.displayC)),
    offsetC,
  };
  const earlier = before.measured.filter(
    (each) => at.getTime() - Date.parse(each.at) >= PUTS_RIGHT_MS,
  );
  return { ...machine, measured: [...earlier, fresh].slice(-MOST_MEASURED) };
}

/** Measurings at displays this near each other are compared, °C: a display's error changes with its heat (own choice). */
const SAME_HEAT_C = 15;
/** A plate that differs from what it was by less may be the thermometer, °C (it errs by about 2 each time; own choice). */
const DRIFTED_C = 5;

/** A plate that has begun to be otherwise than it shows. */
export interface PlateDrift {
  readonly to: 'cooler' | 'hotter';
  /** What it was: the middle of the measurings before, and since when they are. */
  readonly before: Measured;
  readonly lately: Measured;
}

/** Whether the last measuring of a plate tells of another error than those before, at about the same heat. */
export function plateDriftIn(measured: readonly Measured[]): PlateDrift | null {
  const lately = measured.at(-1);
  if (!lately) return null;
  const like = measured
    .slice(0, -1)
    .filter(({ displayC }) => Math.abs(displayC - lately.displayC) <= SAME_HEAT_C);
  const [first] = like;
  if (!first) return null;
  const before = { ...first, offsetC: medianOf(like.map(({ offsetC }) => offsetC)) };
  const by = lately.offsetC - before.offsetC;
  if (Math.abs(by) < DRIFTED_C) return null;
  return { to: by < 0 ? 'cooler' : 'hotter', before, lately };
}

/** A place counts for a point by one over its distance to this power (inverse distance weighting, Shepard 1968). */
const WEIGHT_POWER = 3;
/** Nearer than this share of the plate's diagonal places count alike. */
const SMOOTH_SHARE = 0.02;

/**
 * How much hotter (cooler below 0) a plate is at a point than in the middle of its readings, °C: inverse distance
 * weighting, so never beyond what was read. Null where too few places were read.
 */
export function unevenness(
  readings: Readings | null,
  plate: Plate,
): ((xMm: number, yMm: number) => number) | null {
  const { offsetC } = readings ? learnedFrom(readings) : { offsetC: null };
  if (!readings || offsetC === null || readings.places.length < LEAST_PLACES) return null;
  const smooth = SMOOTH_SHARE * Math.hypot(plate.widthMm, plate.heightMm);
  return (x, y) => {
    let sum = 0;
    let weights = 0;
    for (const place of readings.places) {
      const weight = Math.hypot(place.xMm - x, place.yMm - y, smooth) ** -WEIGHT_POWER;
      sum += weight * (errorAt(place) - offsetC);
      weights += weight;
    }
    return sum / weights;
  };
}

/** What differs more than this from the middle is not pressed with, °C: ± 5 °C are a quarter of the dye's dose (own choice). */
export const EVEN_WITHIN_C = 5;
/** Cells a plate's map is looked at by, along each side. */
const CELLS = 30;

/** The widest run of cells that are as high as wanted, for every height: the largest rectangle of a column profile. */
function widestUnder(heights: readonly number[]): { from: number; to: number; high: number } {
  let best = { from: 0, to: 0, high: 0 };
  heights.forEach((start, from) => {
    let high = start;
    for (let to = from; to < heights.length; to++) {
      high = Math.min(high, heights[to] ?? 0);
      if (high * (to + 1 - from) > best.high * (best.to - best.from))
        best = { from, to: to + 1, high };
    }
  });
  return best;
}

/**
 * The largest rectangle of a plate, border left out, that is evenly hot by its readings; from its left and its back
 * edge, mm. All within the border where it was not measured in enough places.
 */
export function evenPart({
  plate,
  coolBorderMm,
  readings,
}: Pick<Machine, 'plate' | 'coolBorderMm' | 'readings'>): Box | null {
  if (!plate) return null;
  const inner = {
    ...{ x: coolBorderMm, y: coolBorderMm },
    width: plate.widthMm - 2 * coolBorderMm,
    height: plate.heightMm - 2 * coolBorderMm,
  };
  if (inner.width <= 0 || inner.height <= 0) return null;
  const differs = unevenness(readings, plate);
  if (!differs) return inner;
  const [w, h] = [inner.width / CELLS, inner.height / CELLS];
  const heights = Array.from({ length: CELLS }, () => 0);
  let best = { area: 0, box: inner };
  for (let row = 0; row < CELLS; row++) {
    for (let column = 0; column < CELLS; column++) {
      const off = differs(inner.x + (column + 0.5) * w, inner.y + (row + 0.5) * h);
      heights[column] = Math.abs(off) <= EVEN_WITHIN_C ? (heights[column] ?? 0) + 1 : 0;
    }
    const { from, to, high } = widestUnder(heights);
    const area = (to - from) * high;
    if (area <= best.area) continue;
    const box = {
      ...{ x: inner.x + from * w, y: inner.y + (row + 1 - high) * h },
      ...{ width: (to - from) * w, height: high * h },
    };
    best = { area, box };
  }
  return best.box;
}

/** How much cooler the coolest measured place of a plate is than its middle, °C; 0 where it was not measured. */
export function coolestC(readings: Readings | null): number {
  const { offsetC } = readings ? learnedFrom(readings) : { offsetC: null };
  if (!readings || offsetC === null || readings.places.length < LEAST_PLACES) return 0;
  return Math.max(0, ...readings.places.map((place) => offsetC - errorAt(place)));
}
