import type { TaskCode } from '@/core/model';

/** What to do in a few words, and how. */
export interface TaskWords {
  readonly title: string;
  readonly detail: string;
}

/** Tasks in words; those of a cup by whether it has a handle. */
export type SaidOf<T extends TaskCode> = Readonly<
  Record<T, TaskWords | ((handle: boolean) => TaskWords)>
>;

/** What is made ready on the table, before the press. */
export const HANDWORK = {
  'see-that-paper-holds': {
    title: 'See that its paper still lies as it did',
    detail:
      'Do not lift it, and do not shift it: where it has moved, this piece cannot be pressed again. Renew a strip of tape that has come off, in the same place, never over ink.',
  },
  'cover-what-lifts': {
    title: 'Lay a fresh cover over it',
    detail:
      'Lint off, what lifts smoothed down with the hand. Release sheet or fresh cover paper over all of it, larger all round.',
  },
  'look-at-print': {
    title: 'Look at the print before any heat',
    detail:
      'No letter clipped, no roller tracks, no streaks, the right side of the paper, the check bar true. Dye looks dull until heat brings it up. What is wrong is printed anew now: after heat nothing can be undone.',
  },
  'clean-cup': {
    title: 'Clean the cup',
    detail: 'Wipe it with a lint-free cloth and let it dry. Lint presses in as coloured specks.',
  },
  'trim-to-ticks': {
    title: 'Trim the print',
    detail: 'Cut on the trim ticks, so that no tick and no label is left on the piece.',
  },
  'trim-to-marks': {
    title: 'Trim the print',
    detail: 'Cut on the marks, so that no mark and no label is left on the piece.',
  },
  'wrap-and-tape': (handle: boolean) => ({
    title: 'Wrap and tape',
    detail:
      'Ink side to the cup, base flush, pulled tight, the same distance to the rim at both ends. ' +
      `Heat-rated tape at rim, base${handle ? ', handle side' : ''} and seam, never over ink.`,
  }),
  'shrink-sleeve': (handle: boolean) => ({
    title: 'Shrink the sleeve',
    detail:
      `Cut it to length${handle ? ', snip for the handle' : ''}. ` +
      'Warm the seams first, then all round, evenly; too much heat tears it.',
  }),
  'lay-and-tape': {
    title: 'Lay and tape the print',
    detail:
      'Ink side to the blank, on its marks. Heat-rated tape outside the picture, never over ink.',
  },
  'crease-centre': {
    title: 'Fold for the centre line',
    detail:
      'Fold it lengthwise, seam on seam, and press the crease with the hand; fold the print the same way, ink outwards. Crease on crease it lies in the middle. Measure its distance from the neck at both ends.',
  },
  'bundle-up': {
    title: 'Swirl or fold it up',
    detail:
      'Start from the back, so that the right side comes up and meets the print. Bind it so that it keeps its size, and lay it flat; measure the bundle again: the print has to be larger all round.',
  },
  'fold-over-light': {
    title: 'Fold the strip, blank in between',
    detail:
      'Fold it half way on its line, printed sides in, against a window or a lamp: both outlines lie on each other. Slide the blank in between, tape the ends outside the picture, and carry it without shifting.',
  },
  'roll-edges': {
    title: 'Roll the edges in',
    detail:
      'Pull the sock over its insert and roll its edges to the back all round, so that no edge lies under the plate.',
  },
  'mask-on': {
    title: 'Mask over the loose pieces',
    detail:
      'Lay them as they go together, transfer mask over the back of all of them, and rub it down: they come along as one.',
  },
  'mask-off': {
    title: 'Take the mask off',
    detail:
      'Slowly, flat against itself, holding each piece down with heat-rated tape outside the picture. No mask goes under heat unless its maker says so.',
  },
  'cut-close': {
    title: 'Cut close',
    detail: 'Unprinted paper left round the picture leaves a film.',
  },
  'cut-film': {
    title: 'Cut the film',
    detail:
      'Carrier side down, along its own outline: exactly as large as the print, since a rim of it shows. Hands off the film side.',
  },
  'cut-film-larger': {
    title: 'Cut the film',
    detail:
      'Carrier side down, along its own outline: a little larger than the print all round, since print beyond the film is lost. It curls: lay something flat on it.',
  },
  'lay-film': {
    title: 'Lay and tape the film',
    detail:
      'Film side to the cloth, carrier up, where the picture is to be. Heat-rated tape on the ends of the carrier, so that it cannot shift.',
  },
  'lay-print-on-film': {
    title: 'Lay and tape the print on the film',
    detail:
      'Ink side to the film, outline on outline: what reaches beyond the film is lost. Heat-rated tape outside the picture.',
  },
  weed: { title: 'Weed', detail: 'Lift what is not wanted off the carrier.' },
  'lint-off': {
    title: 'Lint off',
    detail: 'Roll or wipe it clean. Lint presses in as coloured specks.',
  },
  'lint-off-or-peels': {
    title: 'Lint off',
    detail: 'Lint and moisture make edges peel later.',
  },
  'backing-off': {
    title: 'Peel the backing off',
    detail: 'Lay it picture up; it is not mirrored.',
  },
} satisfies Partial<SaidOf<TaskCode>>;
