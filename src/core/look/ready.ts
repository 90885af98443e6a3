import type { Expected } from './expected';
import { inkWanted, type InkWanted } from './inkWanted';
import { once } from './once';
import { lightOf, type Plane } from './plane';
import { wantedOf, type Wanted } from './register';

/** What must be in sight, made ready: it is used for photo after photo. */
export interface Ready {
  readonly expected: Expected;
  readonly light: Plane;
  /** As it must lie, and as a mirror shows it. */
  readonly wanted: readonly [Wanted, Wanted];
  /** What its ink is told by, found when it is first asked for. */
  readonly ink: () => InkWanted;
}

/** Makes ready what the plan says must be in sight. */
export function ready(expected: Expected): Ready {
  const { picture } = expected;
  const light = lightOf(picture, Infinity);
  return {
    expected,
    light,
    wanted: [wantedOf(light, picture.pxPerMm, false), wantedOf(light, picture.pxPerMm, true)],
    ink: once(() => inkWanted(expected, light)),
  };
}
