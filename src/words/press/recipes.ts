import type { CautionCode } from '@/core/model';
import type { CoolDifference, RecipeId } from '@/core/press';

/** A recipe by name, how hard it presses, and how one sees that it is done. */
interface RecipeWords {
  readonly name: string;
  readonly pressure: string;
  readonly done: string;
}

const GHOSTS = 'The picture ghosts through the paper; clean cover paper just yellows.';
const CORNERS = 'The corners hold when you try one with a nail.';
const SLEEVE_TIGHT = 'The sleeve is tight and clear, and the picture shows through the paper.';

/** What is said of each recipe: how it is pressed, when it is done. */
export const RECIPE_WORDS: Readonly<Record<RecipeId, RecipeWords>> = {
  'mug-in-press': { name: 'Mug', pressure: 'the clamp sets it', done: GHOSTS },
  'mug-in-sleeve': {
    name: 'Mug in a shrink sleeve',
    pressure: 'the shrunk sleeve presses',
    done: SLEEVE_TIGHT,
  },
  'mug-in-attachment': {
    name: 'Mug',
    pressure: 'snug all round: the cover paper must not turn by hand',
    done: GHOSTS,
  },
  'tumbler-in-sleeve': {
    name: 'Steel tumbler in a shrink sleeve',
    pressure: 'the shrunk sleeve presses',
    done: SLEEVE_TIGHT,
  },
  'tumbler-in-wrap': {
    name: 'Tumbler, turned half round',
    pressure: 'the clamp sets it; its opening presses less, so turn it half round',
    done: GHOSTS,
  },
  'dye-garment': { name: 'Dye on a garment', pressure: 'less if bulky', done: GHOSTS },
  'dye-panel': {
    name: 'Dye on a fabric panel, a section at a time',
    pressure: 'light to medium, every section alike',
    done: GHOSTS,
  },
  'dye-thick-cloth': {
    name: 'Dye on sequins or a thick pillow',
    pressure: 'sequins all turned one way first, light side up',
    done: GHOSTS,
  },
  'dye-socks': {
    name: 'Dye on socks on inserts, one side',
    pressure: 'medium to firm; no two socks overlapping, none waiting on the hot plate',
    done: GHOSTS,
  },
  'dye-hard-blank': {
    name: 'Dye on a thin hard blank',
    pressure: 'with a soft pad: firm pressure cracks it',
    done: GHOSTS,
  },
  'pens-hard-blank': {
    name: 'Pens on a hard coaster',
    pressure: 'the press’s own weight',
    done: GHOSTS,
  },
  vinyl: {
    name: 'Vinyl, over finished dye too',
    pressure: 'even over the whole plate (from memory)',
    done: 'The weave shows faintly through the vinyl.',
  },
  'film-white': {
    name: 'White film and dye print, dark cotton',
    pressure: 'medium (from memory)',
    done: GHOSTS,
  },
  'film-clear': {
    name: 'Clear film and dye print, light cotton',
    pressure: 'medium (from memory)',
    done: GHOSTS,
  },
  'dark-paper': {
    name: 'Transfer paper, dark fabric',
    pressure: 'firm',
    done: 'The weave shows through the film and no edge lifts.',
  },
  'dark-paper-iron': {
    name: 'Transfer paper, dark fabric, by iron',
    pressure: 'both hands; its maker’s own times come first',
    done: 'The weave shows through the film and no edge lifts.',
  },
  'light-paper-plate': {
    name: 'Transfer paper for light fabric',
    pressure: 'firm, even to the corners',
    done: CORNERS,
  },
  'light-paper-iron': {
    name: 'Transfer paper for light fabric',
    pressure: 'both hands',
    done: CORNERS,
  },
};

/** What the two schools of cooling differ in. */
export const COOL_WORDS: Readonly<Record<NonNullable<CoolDifference>, string>> = {
  'handled-early':
    'One school handles the mug after about 5 minutes, still gloved; the other waits until it is fully cold.',
  'peeled-hot':
    'One school peels hot and quick; the other lets it go fully cold, where a shift of the paper would ghost.',
  'matt-or-gloss':
    'Peeled hot, after about 15 seconds, it comes out matt; peeled cold, after two minutes and more, glossy.',
};

/** Each caution in a sentence. */
export const CAUTION_WORDS: Readonly<Record<CautionCode, string>> = {
  'air-the-room': 'Air the room: dye fumes.',
  'gloves-and-mat': 'Heat gloves and a heat-proof mat; plate, oven and mug burn.',
  'gloves-and-table': 'Heat gloves and a heat-proof table; the plate burns.',
  'never-leave-it-hot': 'Never leave it hot with children or pets about.',
  'own-instructions-first': 'The blank’s and the machine’s own instructions outrank these figures.',
  'no-food-in-that-oven': 'An oven used for dye is not used for food again.',
  'hard-blanks-hold-heat': 'Hard blanks hold heat: do not touch one straight from the press.',
  'gloves-on': 'Gloves on: this burns.',
};
