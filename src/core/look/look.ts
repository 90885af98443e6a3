import type { Point } from '../geometry';
import { placesByCorners, type Place } from './byCorners';
import type { View } from './camera';
import { checksOf } from './checks';
import type { Expected } from './expected';
import type { Checked, LookFinding } from './findings';
import { flipped, type Plane } from './plane';
import type { Photographed } from './photographed';
import { sheetFit } from './sheetFit';
import { paperEdges } from './paperEdges';
import { refined, seenBy, type Registered } from './refine';
import type { Ready } from './ready';
import { placeOf, readBy } from './readBy';

/** What a look at a photo came to. */
export interface Look {
  /** Which of the things looked for it shows, by its place in the list; null where that cannot be told. */
  readonly which: number | null;
  readonly mirrored: boolean;
  /** How the photo sees it; null where it was not found. */
  readonly view: View | null;
  readonly findings: readonly LookFinding[];
  readonly checks: readonly Checked[];
}

/** A reading is borne out when this share of the blocks that could be found again was, and at least so many. */
const LEAST_SHARE = 0.4;
const LEAST_BLOCKS = 12;
/** Of places that look alike, one is borne out when so many times the blocks of the next were found there (own choice). */
const TIMES_NEXT = 2;

const NOT_FOUND: Look = {
  ...{ which: null, mirrored: false, view: null, findings: [] },
  checks: [{ check: 'which', unseen: 'not-found', of: [] }],
};

/** Whether what was found bears a reading out. */
const borneOut = ({ most, blocks }: Registered): boolean =>
  blocks.length >= LEAST_BLOCKS && most >= LEAST_SHARE;

/**
 * Looks at a photo: finds which of several things the plan speaks of it shows, brings it to lie over the plan, and tells
 * what was checked, what was found and what could not be seen. What is not certain is not said.
 * @param corners the four corners of the paper, or of all that is laid, clockwise from any, pixels, where a person pointed at them.
 */
export function lookAt(
  seen: Photographed,
  things: readonly Ready[],
  corners: readonly Point[] = [],
): Look {
  if (corners.length === 4)
    return lookThere(seen, things, placesByCorners(seen.light, things, corners));
  const look = lookByFeatures(seen, things);
  return look.which === null ? lookByPaper(seen, things) : look;
}

/** Looks at a photo by what the things show alone: soon told, but not of plain art. */
export const lookByFeatures = (seen: Photographed, things: readonly Ready[]): Look =>
  lookThere(seen, things, byFeatures(seen, things));

/** Looks at a photo by the edges of the paper that lies in it. */
export const lookByPaper = (seen: Photographed, things: readonly Ready[]): Look =>
  lookThere(seen, things, byPaper(seen, things));

/** Looks at a photo where some places are likely already; that it shows none of them may be wrong. */
export function lookThere(
  seen: Photographed,
  things: readonly Ready[],
  places: readonly Place[],
): Look {
  const lies = laidOver(places, seen, things);
  return lies ? toldOf(lies, seen) : NOT_FOUND;
}

/** What is told of something that lies somewhere in a photo. */
function toldOf({ first, thing, registered }: Lies, { photo, light }: Photographed): Look {
  if (first.mirrored)
    return {
      ...{ which: first.which, mirrored: true, view: registered.view },
      findings: [{ code: 'mirrored' }],
      checks: [
        { check: 'which', unseen: null, of: [] },
        { check: 'mirror', unseen: null, of: [] },
      ],
    };
  const sheet = onSheet(registered, thing.expected, light);
  const told = checksOf({ photo, light, thing, registered: sheet.registered, size: sheet.size });
  return { which: first.which, mirrored: false, view: sheet.registered.view, ...told };
}

/** The view of a print on its sheet, held by the sheet's own edges where they are seen, and the print's size. */
function onSheet(registered: Registered, { paper }: Expected, light: Plane) {
  if (!paper) return { registered, size: null };
  const { view, blocks } = registered;
  const size = sheetFit(view, blocks, paperEdges(light, view, paper), paper);
  return { registered: seenBy(registered, size.view), size };
}

/** Which thing lies at which of several places. */
interface Lies {
  readonly first: Place;
  readonly thing: Ready;
  readonly registered: Registered;
}

/**
 * The place of several that what is found bears out, brought to lie over the photo; null where it bears out none, or
 * speaks for another nearly as loudly.
 */
function laidOver(
  places: readonly Place[],
  { photo, light }: Photographed,
  things: readonly Ready[],
): Lies | null {
  const tried = places.flatMap((first): Lies[] => {
    const thing = things[first.which];
    if (!thing) return [];
    const view: View = { map: first.map, lens: 0, widthPx: photo.width, heightPx: photo.height };
    const wanted = first.mirrored ? flipped(thing.light) : thing.light;
    return [{ first, thing, registered: refined(view, thing.expected, wanted, light) }];
  });
  tried.sort((a, b) => b.registered.blocks.length - a.registered.blocks.length);
  const [best, next] = tried;
  if (!best) return null;
  const found = best.registered.blocks.length;
  if (next && found < TIMES_NEXT * next.registered.blocks.length) return null;
  const lies = best.first.mirrored ? found >= LEAST_BLOCKS : borneOut(best.registered);
  return lies ? best : null;
}

/** Where art is too plain or repeats itself, the edges of its paper may tell how it lies. */
function byPaper({ light, outline }: Photographed, things: readonly Ready[]): Place[] {
  const corners = things.every(({ expected }) => expected.paper) ? outline() : null;
  return corners ? placesByCorners(light, things, corners) : [];
}

/** What corners alone tell, as a map to the pixels of the whole photo. */
function byFeatures({ features }: Photographed, things: readonly Ready[]): Place[] {
  const { corners, by } = features();
  const reading = readBy(
    corners,
    things.map(({ wanted }) => wanted()),
  );
  return reading ? [placeOf(reading, by)] : [];
}
