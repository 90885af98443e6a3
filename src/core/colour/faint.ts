import type { ArtFacts } from '../model';
import { difference } from './difference';
import { pressed, type Ground } from './forecast';
import { linearOf, type Rgb } from './srgb';

type Neighbours = ArtFacts['neighbours'][number];

/** Two areas of a picture that lie side by side: how far apart their colours are in the file and once pressed. */
export interface Contrast {
  readonly areas: Neighbours;
  /** CIEDE2000 in the file, bare parts as white paper; and pressed on the ground. */
  readonly before: number;
  readonly after: number;
}

/** Colours this far apart are clear on the screen, CIEDE2000 (own choice: seen at a glance). */
export const CLEAR_FROM = 10;
/** Colours less apart than this once pressed hardly show, CIEDE2000 (own choice). */
export const FAINT_BELOW = 10;
/**
 * They count as lost on the blank only where it took at least this share of their difference; less is enough where much
 * of the picture's edges is at stake, from this share of them on (own choices).
 */
const LOST_SHARE = 0.4;
const LOST_AT_MAIN_EDGE = 0.15;
const MAIN_EDGE_FROM = 0.1;

const WHITE: Rgb = [1, 1, 1];
const fileColour = (hex: string | null): Rgb | null => (hex === null ? null : linearOf(hex));

function measured({ neighbours }: Pick<ArtFacts, 'neighbours'>, ground: Ground) {
  return neighbours.map((areas): Contrast => {
    const [one, other] = [fileColour(areas.one), fileColour(areas.other)];
    return {
      areas,
      before: difference(one ?? WHITE, other ?? WHITE),
      after: difference(pressed(one, ground), pressed(other, ground)),
    };
  });
}

/** What was measured of a picture on some grounds: plans are made again and again while one drags. */
const known = new WeakMap<object, Map<string, readonly Contrast[]>>();
const MOST_KNOWN = 16;

/** How far all neighbouring areas are apart before and after. */
export function contrastsOn(
  facts: Pick<ArtFacts, 'neighbours'>,
  ground: Ground,
): readonly Contrast[] {
  const of = known.get(facts.neighbours) ?? new Map<string, readonly Contrast[]>();
  known.set(facts.neighbours, of);
  const key = JSON.stringify({ ...ground, own: ground.own?.id });
  const found = of.get(key) ?? measured(facts, ground);
  if (of.size < MOST_KNOWN) of.set(key, found);
  return found;
}

/** What is clear in the file and hardly shows on a ground, the most lost first. A surface that glitters hides more. */
export function faintOn(facts: Pick<ArtFacts, 'neighbours'>, ground: Ground): readonly Contrast[] {
  const below = Math.max(FAINT_BELOW, ground.spread);
  return contrastsOn(facts, ground)
    .filter(({ before, after }) => before >= CLEAR_FROM && after < below)
    .filter(({ areas: { share }, before, after }) => {
      const lost = share >= MAIN_EDGE_FROM ? LOST_AT_MAIN_EDGE : LOST_SHARE;
      return after < (1 - lost) * before || after < ground.spread;
    })
    .sort((a, b) => b.before - b.after - (a.before - a.after));
}
