import { driftAt, driftOf, type Block } from './blocks';
import type { Expected, Seam } from './expected';

const { abs, hypot, max } = Math;

/** How the tile after a seam lies beside the one before, mm. */
export interface SeamLook {
  readonly seam: Seam;
  /** Along the seam: a step where lines run on; where it is worst. */
  readonly stepMm: number;
  /** Across: apart where positive, too far over each other where negative; where it is worst. */
  readonly gapMm: number;
  /** Within how much these are known, mm. */
  readonly knownMm: number;
}

/** Blocks so near a seam tell how tiles meet there, mm. */
const NEAR_MM = 110;
const LEAST_BLOCKS = 6;
/** Seams are looked at in these places along them. */
const PLACES = [0.1, 0.5, 0.9] as const;
/** Within so many standard errors a jump counts as known, of many blocks. */
const SURE = 3;
/** And within more of few: near to Student's t for the same odds (from memory: 5.5 of eight blocks, here 5.2; 3.4 of 22, here 3.6). */
const FEWER = 3.6;
const sureOf = (count: number): number => SURE * (1 + FEWER / max(1, count - 3));

/** How the tiles meet at each seam, told by what is seen on both sides of it; seams with too little to go by are left out. */
export function seamLooks({ seams, parts }: Expected, blocks: readonly Block[]): SeamLook[] {
  return seams.flatMap((seam) => {
    const sides = seam.between.map((name) => {
      const part = parts.findIndex((each) => each.name === name);
      const near = blocks.filter(
        ({ x, y, part: own }) => own === part && abs((seam.upright ? x : y) - seam.at) < NEAR_MM,
      );
      return near.length < LEAST_BLOCKS ? null : driftOf(near);
    });
    const [one, other] = sides;
    if (!one || !other) return [];
    const jumps = PLACES.map((share) => {
      const along = seam.from + share * (seam.to - seam.from);
      const [x, y] = seam.upright ? [seam.at, along] : [along, seam.at];
      const [a, b] = [driftAt(one.drift, x, y), driftAt(other.drift, x, y)];
      const [dx, dy] = [b.x - a.x, b.y - a.y];
      const knownMm = hypot(...[one, other].map((of) => sureOf(of.count) * of.errorAt(x, y)));
      return {
        ...{ seam, knownMm },
        stepMm: seam.upright ? dy : dx,
        gapMm: seam.upright ? dx : dy,
      };
    });
    // where it stands out most from what is not known
    const stands = ({ stepMm, gapMm, knownMm }: SeamLook) => hypot(stepMm, gapMm) / (0.3 + knownMm);
    return [jumps.reduce((most, jump) => (stands(jump) > stands(most) ? jump : most))];
  });
}
