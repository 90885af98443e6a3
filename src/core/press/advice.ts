import { isCloth, isCup, type Blank, type CupForm, type TransferKind } from '../model';
import { fullWallMm } from '../blank';
import { formatLength, inches, type UnitStyle } from '../units';

/** A sleeve is cut this much longer than the wall at rim and at base, so that it grips both (from memory). */
export const SLEEVE_OVER_MM = inches(1 / 2);

/** How long a shrink sleeve is cut: the cup's whole wall, humps and all, and a little over at both ends. */
export const sleeveLengthMm = (form: CupForm): number => fullWallMm(form) + 2 * SLEEVE_OVER_MM;
/** Long edges from here up are slit and folded over (own choice: longer than a hand is wide). */
const LONG_EDGE_MM = 200;

/** How a print is held on this blank, in order. Common practice unless said. */
export function tapingPlan(
  blank: Blank,
  paper: { readonly widthMm: number; readonly heightMm: number } | null,
  sleeved: boolean,
  units: UnitStyle,
): readonly string[] {
  const long = paper && Math.max(paper.widthMm, paper.heightMm) > LONG_EDGE_MM;
  const fold = long
    ? [
        `Slit the long edges (${formatLength(Math.max(paper.widthMm, paper.heightMm), units.length)}) every hand’s width and fold them over.`,
      ]
    : [];
  if (isCup(blank.form)) {
    const handle = blank.form.handleGapMm > 0;
    return [
      'Pull the paper tight, base flush, the same distance to the rim at both ends.',
      `Tape in this order: rim, base, ${handle ? 'handle side, ' : ''}seam.`,
      'Where ink lies under it, tape to the paper’s own overlap; never over ink.',
      ...fold,
      ...(sleeved
        ? [
            `Cut the sleeve ${formatLength(sleeveLengthMm(blank.form), units.length)} long (the wall and a little over)${handle ? ', with two snips for the handle' : ''}.`,
            'Shrink its seams first, then all round, evenly.',
          ]
        : []),
    ];
  }
  if (isCloth(blank.substrate))
    return [
      'Tape two opposite edges outside the picture; heat-safe spray on the paper’s rim does as well.',
      ...fold,
    ];
  return [
    'Tape on the back of the blank or outside the picture: tape over ink stops the ink.',
    'Thin tape, laid flat: a thick one leaves a mark.',
    ...fold,
  ];
}

const FILM_CARE = [
  'Wait a day before the first wash.',
  'Wash inside out, cold to warm, no softener.',
  'Dry hanging or on low; iron from the inside, never on the picture.',
];

/** What to tell the person who gets it. Common practice; the blank's own label comes first. */
export function careCard(blank: Blank, transfer: TransferKind): readonly string[] {
  if (isCup(blank.form))
    return [
      'Wash by hand; a dishwasher pales the colours in time.',
      'No scouring: the coating holds the picture.',
      'Food contact: as its maker says.',
    ];
  if (!isCloth(blank.substrate))
    return ['Wipe clean; no scouring, no dishwasher.', 'Keep it out of strong sun: dye pales.'];
  return transfer === 'sublimation' || transfer === 'dye-sheet' || transfer === 'dye-pens'
    ? ['Wash warm, inside out; no bleach.', 'Tumble-dry low or hang; iron from the inside.']
    : FILM_CARE;
}
