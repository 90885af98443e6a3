import { inches } from '../units';
import { LONGEST_DWELL_S, type TimeBySize } from '../model';

/** A full page of iron-on paper: US letter (ASME Y14.1). mm². */
const FULL_PAGE_MM2 = inches(8.5) * inches(11);
/** Full page 180 s, half 90, quarter 45; never under about 15 s a piece (common practice). */
const IRON_FULL_PAGE_S = 180;
const IRON_LEAST_S = 15;
/** Under a plate: up to 4 × 4 in 60 s, up to 8 × 8 in 90 s (common practice). */
const SMALL_MM2 = inches(4) ** 2;
const LARGE_MM2 = inches(8) ** 2;
const PLATE_SMALL_S = 60;
const PLATE_LARGE_S = 90;

/** By what rule the time goes with the picture's size: common practice under an iron or plate, or a maker's table. */
export type AreaRule = 'iron' | 'plate' | readonly TimeBySize[];

/** How long a picture of such a size is pressed, and by what rule. */
export interface AreaDwell {
  readonly dwellS: number;
  /** `share`: in proportion to a full page; `least`, `most`: never shorter or longer, however small or large; `table`: a line of the maker's; else the plate's steps. */
  readonly rule: 'share' | 'least' | 'most' | 'small' | 'large' | 'each placement' | 'table';
  /** Part of a full page. */
  readonly share: number;
}

/** A maker's time: the first line that takes the picture; more than its last line takes is pressed as long as that. */
function byTable(
  times: readonly TimeBySize[],
  areaMm2: number,
): Pick<AreaDwell, 'dwellS' | 'rule'> {
  const lines = times
    .map(({ widthMm, heightMm, dwellS }) => ({ takesMm2: widthMm * heightMm, dwellS }))
    .sort((a, b) => a.takesMm2 - b.takesMm2);
  const line = lines.find(({ takesMm2 }) => areaMm2 <= takesMm2 + 1) ?? lines.at(-1);
  return { dwellS: line?.dwellS ?? PLATE_LARGE_S, rule: 'table' };
}

/**
 * Time by the size of the picture. With an iron in proportion to its share of a full page (the three
 * figures of common practice lie on one line), never under 15 s nor over the longest dwell there is; under a
 * plate in two steps.
 * @param areaMm2 of one piece's picture, mm².
 * @example dwellByArea('iron', 0.5 * 8.5 * 11 * 25.4 ** 2) // → 90 s
 */
export function dwellByArea(rule: AreaRule, areaMm2: number): AreaDwell {
  const share = areaMm2 / FULL_PAGE_MM2;
  if (typeof rule !== 'string') return { ...byTable(rule, areaMm2), share };
  if (rule === 'plate') {
    if (areaMm2 <= SMALL_MM2 + 1) return { dwellS: PLATE_SMALL_S, rule: 'small', share };
    return {
      dwellS: PLATE_LARGE_S,
      rule: areaMm2 <= LARGE_MM2 + 1 ? 'large' : 'each placement',
      share,
    };
  }
  const byShareS = Math.round(IRON_FULL_PAGE_S * share);
  if (byShareS <= IRON_LEAST_S) return { dwellS: IRON_LEAST_S, rule: 'least', share };
  if (byShareS >= LONGEST_DWELL_S) return { dwellS: LONGEST_DWELL_S, rule: 'most', share };
  return { dwellS: byShareS, rule: 'share', share };
}
