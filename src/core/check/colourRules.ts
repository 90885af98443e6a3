import { faintOn, groundOf, luminance, ownColoursFor, type Contrast, type Ground } from '../colour';
import {
  blankColours,
  type ArtFacts,
  type Artwork,
  type Job,
  type OwnColours,
  type Shelf,
} from '../model';
import { type Transfer, ON_COTTON } from '../transfer';
import { spend } from '../work';
import { at, finder, type FoundOf } from './finding';
import type { Findings } from './findings';
import { fix, type Fix } from './fixes';
import { byTransfer } from './otherWays';
import { perArt } from './placed';

/** Will its colours show on this blank? */
export const COLOUR_KINDS = {
  /** Areas of it side by side that are clear in the file and hardly differ on the blank: colours (null: bare), CIEDE2000. */
  faint: at<{
    art: string;
    lettering: boolean;
    one: string | null;
    other: string | null;
    before: number;
    after: number;
    pairs: number;
    colourName: string;
    glitter: boolean;
  }>('art'),
};
const found = finder(COLOUR_KINDS);
type ColourFound = FoundOf<typeof COLOUR_KINDS>;

/** Other colours are offered at most so many of, and looked at among so many. */
const MOST_COLOURS = 2;
const MOST_LOOKED_AT = 6;
/** Work of one pair of areas on one colour (measured: about 10 µs). */
const A_PAIR = 4;

interface Asked {
  readonly job: Job;
  readonly transfer: Transfer;
  readonly facts: ArtFacts;
  readonly own: OwnColours | null;
}

const groundFor = ({ job, transfer, own }: Asked, colour: string): Ground =>
  groundOf(transfer, { ...job.blank.substrate, colour }, own);

/** How much of a picture is lost on a colour: differences that go, by the length of the edges they are at. */
const lostOn = (faint: readonly Contrast[]): number =>
  faint.reduce((sum, { areas, before, after }) => sum + areas.share * (before - after), 0);

/** Colours in which the shelf has such a blank, on which less is lost: the best first. */
function otherColours(asked: Asked, from: string, shelf: Shelf): Fix[] {
  const { job, facts } = asked;
  const { form, substrate } = job.blank;
  spend(A_PAIR * facts.neighbours.length * MOST_LOOKED_AT, 'contrasts');
  const lost = (colour: string) => lostOn(faintOn(facts, groundFor(asked, colour)));
  const now = lost(from);
  const colours = new Map(
    shelf.blanks
      .filter((blank) => blank.form.kind === form.kind)
      .filter((blank) => blank.substrate.material === substrate.material)
      .map((blank) => [blank.substrate.colour, blank.substrate.colourName]),
  );
  // the palest ones keep most
  return [...colours]
    .sort(([a], [b]) => luminance(b) - luminance(a))
    .slice(0, MOST_LOOKED_AT)
    .map(([colour, colourName]) => ({ colour, colourName, lost: lost(colour) }))
    .filter((each) => each.colour !== from && each.lost < now / 2)
    .sort((a, b) => a.lost - b.lost)
    .slice(0, MOST_COLOURS)
    .map(({ colour, colourName }) => fix('use-colour', { from, colour, colourName }));
}

/** Colours of the blank that a picture is pressed on: those of the rows that show it. */
function coloursUnder({ sha256 }: Artwork, { job, pieces }: Findings) {
  const showing = pieces.filter(({ arts }) => arts.some((art) => art.artSha256 === sha256));
  const rows = new Set(showing.flatMap(({ items }) => items));
  return blankColours({ ...job, items: job.items.filter(({ id }) => rows.has(id)) });
}

/** What is clear on the screen and hardly shows on this blank, told of the colour it is lost most on. */
const faint = perArt(({ art, of }, findings): ColourFound | null => {
  const { job, transfer, shelf, paper, printer } = findings;
  const { facts } = art;
  if (!facts || !transfer.transparent) return null;
  const tools = { paperId: paper.id, printerId: printer.id };
  const own = ownColoursFor(shelf.colours, tools, job.blank.substrate);
  const asked = { job, transfer, facts, own };
  const colours = coloursUnder(art, findings);
  spend(A_PAIR * facts.neighbours.length * colours.length, 'contrasts');
  const [worst] = colours
    .map((on) => ({ on, lost: faintOn(facts, groundFor(asked, on.colour)) }))
    .filter(({ lost }) => lost.length > 0)
    .sort((a, b) => lostOn(b.lost) - lostOn(a.lost));
  const [most] = worst?.lost ?? [];
  if (!worst || !most) return null;
  const { one, other } = most.areas;
  return found(
    'faint',
    'warn',
    {
      ...{ art: art.name, lettering: art.text !== null, one, other },
      ...{ before: most.before, after: most.after, pairs: worst.lost.length },
      colourName: worst.on.colourName,
      glitter: job.blank.substrate.finish === 'glitter',
    },
    {
      of,
      fixes: [
        ...otherColours(asked, worst.on.colour, shelf),
        ...byTransfer(findings, ON_COTTON.dark),
      ],
    },
  );
});

/** Do the colours show on this blank? */
export const COLOUR_RULES = [faint];
