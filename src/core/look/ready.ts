import type { Expected } from './expected';
import { inkWanted, type InkWanted } from './inkWanted';
import { once } from './once';
import { lightOf, type Plane } from './plane';
import { wantedAt, wantedOf, type Wanted } from './register';

/** What must be in sight, made ready: it is used for photo after photo. */
export interface Ready {
  readonly expected: Expected;
  readonly light: Plane;
  /** As it must lie, and as a mirror shows it, found when it is first asked for. */
  readonly wanted: () => readonly [Wanted, Wanted];
  /** What its ink is told by, found when it is first asked for. */
  readonly ink: () => InkWanted;
  /** What tells which of its parts lies where another must, found when it is first asked for. */
  readonly closer: () => Wanted;
}

/** Parts that lie where others must are told at so many pixels a millimetre. */
export const CLOSER_PX_PER_MM = 2;
/** And by so many corners of each. */
export const CLOSER_CORNERS = 350;

/** Makes ready what the plan says must be in sight. */
export function ready(expected: Expected): Ready {
  const { picture, parts } = expected;
  const { pxPerMm } = picture;
  const light = lightOf(picture, Infinity);
  return {
    expected,
    light,
    wanted: once(() => [wantedOf(light, pxPerMm, false), wantedOf(light, pxPerMm, true)] as const),
    ink: once(() => inkWanted(expected, light)),
    closer: once(() => wantedAt(light, pxPerMm, CLOSER_PX_PER_MM, CLOSER_CORNERS * parts.length)),
  };
}

/** Made ready with all that a look at it may ask for: while its photo is still taken. */
export function readyAhead(expected: Expected): Ready {
  const thing = ready(expected);
  thing.wanted();
  thing.ink();
  if (expected.kind === 'laid') thing.closer();
  return thing;
}
