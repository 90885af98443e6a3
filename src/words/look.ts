import {
  levelDoubt,
  type Checked,
  type Level,
  type Look,
  type LookCheck,
  type LookFinding,
  type Unseen,
} from '@/core/look';
import type { UnitStyle } from './units';
import { sayIn } from './say';
import { SIDE_WORDS } from './sheets';

const { abs } = Math;

const sized = (scale: number): string => `${(100 * scale).toFixed(1)} %`;

function sizeWords(across: number | null, along: number | null): string {
  const told = [across, along].flatMap((scale) => scale ?? []);
  const mean = told.reduce((sum, scale) => sum + scale, 0) / Math.max(1, told.length);
  const even = told.every((scale) => abs(scale - mean) < 0.003);
  return even
    ? `${sized(mean)} of its size`
    : `${sized(told[0] ?? 1)} of its size across and ${sized(told[1] ?? 1)} along`;
}

/** A tile by its name after a word, where there is one. */
const named = (after: string, tile: string | null): string =>
  tile === null ? '' : `${after} ${tile}`;

/** What was found in a photo, as it lies there printed side up. */
export function lookFindingWords(finding: LookFinding, units: UnitStyle): string {
  const { length } = sayIn(units);
  const mm = (figure: number) => length(abs(figure));
  switch (finding.code) {
    case 'mirrored':
      return 'The print is flipped: it lies there as a mirror shows what the plan wants.';
    case 'size':
      return `It came out at ${sizeWords(finding.across, finding.along)}, told by the edges of its paper.`;
    case 'tile-missing':
      return `Where ${finding.tile} must lie, it is not seen: it is missing, covered, lies face down, or another lies there.`;
    case 'tile-swapped':
      return finding.exchanged
        ? `${finding.tile} and ${finding.shows} lie in each other’s places.`
        : `Where ${finding.tile} must lie, ${finding.shows} lies.`;
    case 'tile-turned':
      return `${finding.tile} lies turned by ${abs(finding.turnDeg)}°.`;
    case 'tile-size':
      return `${finding.tile} came out at ${sized(finding.scale)} of its size beside the others.`;
    case 'step':
      return `From ${finding.between[0]} to ${finding.between[1]} the picture jumps by ${mm(finding.mm)} along the seam.`;
    case 'gap':
      return finding.mm > 0
        ? `${finding.between[0]} and ${finding.between[1]} lie ${mm(finding.mm)} too far apart.`
        : `${finding.between[0]} and ${finding.between[1]} lie ${mm(finding.mm)} too far over each other.`;
    case 'border':
      return `${mm(finding.mm)} of white are left at the ${SIDE_WORDS[finding.side]} edge of ${finding.tile}.`;
    case 'clipped':
      return `${mm(finding.mm)} of ink are missing along the ${SIDE_WORDS[finding.side]} edge${named(' of', finding.tile)}.`;
    case 'bare':
      return `Bare where ink must be${named(' on', finding.tile)}, ${length(finding.mm)} long: it was not printed, ${finding.tile === null ? 'or something white lies on it' : 'something white lies on it, or another sheet lies there'}.`;
    case 'covered':
      return `Another colour than there must be${named(' on', finding.tile)}, ${length(finding.mm)} long: something lies on it, ${finding.tile === null ? 'or it is smeared' : 'it is smeared, or another sheet lies there'}.`;
    case 'crooked':
      return `The print lies turned ${finding.deg > 0 ? 'clockwise' : 'anticlockwise'} on its blank by ${abs(finding.deg).toFixed(1)}°: its right end is ${mm(finding.mm)} too ${finding.deg > 0 ? 'low' : 'high'}.`;
    case 'aside':
      return `The print lies ${mm(finding.mm)} too far to the ${finding.mm > 0 ? 'right' : 'left'} on its blank.`;
  }
}

/** What to do about it now, before there is heat. */
export function lookRemedyWords(finding: LookFinding): string {
  switch (finding.code) {
    case 'mirrored':
      return 'Print it again, with mirroring in the print dialog set as the sheet says. Pressed as it is, lettering would read backwards.';
    case 'size':
      return 'Print it again at 100 %, without fit to page.';
    case 'clipped':
      return 'The printer does not reach so far. Set its real margins at Sheets, and print again.';
    case 'tile-size':
      return `Print ${finding.tile} again at 100 %, without fit to page.`;
    case 'tile-missing':
      return `Lay ${finding.tile}, printed side up; if it lies there, smooth it and take another photo.`;
    case 'tile-turned':
      return `Lift ${finding.tile} and lay it the other way round.`;
    case 'tile-swapped':
      return `Lift ${finding.tile} and ${finding.shows}, and lay each in its own place.`;
    case 'step':
    case 'gap':
      return `Lift ${finding.between[1]} and lay it again, so that the picture runs on from ${finding.between[0]}.`;
    case 'border':
      return 'Cut it back to the ink: white that is pressed stays white.';
    case 'bare':
    case 'covered':
      return `Take off whatever lies there${finding.tile === null ? '' : `; if it is another sheet, lay ${finding.tile}`}. If ${finding.code === 'bare' ? 'the paper is bare below' : 'the ink is smeared'}, print this sheet again.`;
    case 'crooked':
      return `Lift it off and lay it again, its right end ${finding.deg > 0 ? 'higher' : 'lower'}; tape it, and take another photo.`;
    case 'aside':
      return `Lift it off and lay it again, farther to the ${finding.mm > 0 ? 'left' : 'right'}; tape it, and take another photo.`;
  }
}

/** What each check is called. */
export const LOOK_CHECK_WORDS: Readonly<Record<LookCheck, string>> = {
  which: 'which print it is',
  mirror: 'mirrored or not',
  tiles: 'each sheet in its place',
  size: 'size',
  seams: 'steps and gaps at the seams',
  border: 'white left at the edges',
  ink: 'ink missing or covered',
  edges: 'ink along the edges',
};

const UNSEEN_WORDS: Readonly<Record<Unseen, string>> = {
  'not-found': 'the print was not found in the photo',
  'no-edges': 'the edges of the paper do not stand out from the table, or are not all in the photo',
  'too-plain': 'too little is printed there to go by',
  'not-here': 'there is none here',
  'off-size': 'a print that is off its size ends elsewhere',
};

/** What was checked, in a line. */
export const checkedWords = (checks: readonly Checked[]): string =>
  checks
    .filter(({ unseen }) => unseen === null)
    .map(({ check }) => LOOK_CHECK_WORDS[check])
    .join(', ');

/** What could not be seen, a line each. */
export const unseenWords = (checks: readonly Checked[]): readonly string[] =>
  checks.flatMap(({ check, unseen, of }) => {
    if (unseen === 'not-here') return [];
    const what = LOOK_CHECK_WORDS[check];
    if (unseen !== null) return [`${what}: ${UNSEEN_WORDS[unseen]}`];
    return of.length > 0 ? [`${what}: not told of ${of.join(', ')}`] : [];
  });

/** What a look came to, in a sentence; it is never said that all is well. */
export function lookWords({ which, findings }: Look): string {
  if (which === null) return 'What the plan wants was not found in this photo. Nothing is known.';
  if (findings.length === 0) return 'Nothing was found in what was checked.';
  return findings.length === 1 ? 'One thing was found.' : `${findings.length} things were found.`;
}

/** How a print lies on its blank, with what the points leave open; it is never said that all is well. */
export function levelWords(level: Level, units: UnitStyle): string {
  const { length } = sayIn(units);
  const { tiltDeg, asideMm, acrossMm, wantedMm } = level;
  switch (levelDoubt(level)) {
    case 'other-line':
      return `Nothing can be told: by the size of the print the line is ${length(acrossMm)} long, and the blank is ${length(wantedMm)} wide. Put the points on the print’s own corners and on the two sides of the blank; if they are there, the print or the blank is another.`;
    case 'too-small':
      return 'Nothing can be told: the print is too small in the photo. Take it from nearer, with both sides of the blank in it.';
    case null: {
      const turned = `turned by ${abs(tiltDeg.value).toFixed(1)}° (± ${tiltDeg.within.toFixed(1)}°)`;
      const side = asideMm.value > 0 ? 'right' : 'left';
      const away = length(abs(asideMm.value));
      const aside = `${away === length(0) ? 'in its place' : `${away} to the ${side} of its place`} (± ${length(asideMm.within)})`;
      return `By these points the print is ${turned}, and lies ${aside}.`;
    }
  }
}

/** How to take a photo of a print on its blank. */
export const LEVEL_ADVICE: readonly string[] = [
  'The blank laid flat and smooth, as it will be pressed; the print on it, taped.',
  'From above, the whole print and both sides of the blank in it.',
  'Then drag six points: the print’s corners, and the two sides of the blank at one height.',
];

/** How to take the photo. */
export const PHOTO_ADVICE: readonly string[] = [
  'Fill the frame, all edges of the paper in it.',
  'From above, as level as you can; even light, no flash.',
  'On a table darker than the paper; the paper flat, fingers out.',
];
