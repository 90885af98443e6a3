import { regionBox } from '../geometry';
import type { LayerMaterial, Operation, Program, TaskCode } from '../model';
import { MACHINES } from '../traits';
import type { Taping } from './advice';
import type { Pass } from './passes';

/** What is laid ready besides the layers of the stack. */
export const TOOLS_OF_HAND = [
  ...([
    'heat-gloves',
    'pressing-mat',
    'tape',
    'lint-roller',
    'trimmer',
    'scissors',
    'weeding-hook',
    'mask',
  ] as const),
  ...(['tape-measure', 'heat-gun'] as const),
] as const;
/** A thing of the hand, by what it is for; in words: `words/press/supplies`. */
export type HandTool = (typeof TOOLS_OF_HAND)[number];

/** One thing to lay ready before the machine is switched on. */
export interface Supply {
  readonly is: LayerMaterial | HandTool;
  /** How many for all that is made; null where one does for all of them. */
  readonly count: number | null;
  /** At least so large, mm; null where that does not matter or its print tells it. */
  readonly atLeast: { readonly widthMm: number; readonly heightMm: number } | null;
  /** How long it is cut, mm. */
  readonly lengthMm: number | null;
}

/** What covers a print reaches so far beyond it on every side, mm (own choice: a finger's breadth). */
const COVER_BEYOND_MM = 20;

/** What lies in the machine itself and need not be laid ready. */
const OF_THE_MACHINE: readonly LayerMaterial[] = [
  ...(['plate', 'iron-sole', 'press-wrap', 'heating-wrap', 'oven-air'] as const),
];
/** What covers or lies below, and must be larger than the print. */
const COVERS: readonly LayerMaterial[] = ['cover-paper', 'card', 'release-sheet', 'cover-sheet'];

/** What hands need for a task. */
const NEEDED: Readonly<Partial<Record<TaskCode, readonly HandTool[]>>> = {
  'lay-and-tape': ['tape', 'tape-measure'],
  'wrap-and-tape': ['tape', 'tape-measure'],
  'shrink-sleeve': ['heat-gun'],
  'lint-off': ['lint-roller'],
  'lint-off-or-peels': ['lint-roller'],
  'trim-to-marks': ['trimmer'],
  'trim-to-ticks': ['trimmer'],
  'lay-film': ['tape', 'tape-measure'],
  'lay-print-on-film': ['tape'],
  'cut-film': ['scissors'],
  'cut-film-larger': ['scissors'],
  'cut-close': ['scissors'],
  weed: ['weeding-hook'],
  'mask-on': ['mask'],
  'mask-off': ['tape'],
  'fold-over-light': ['tape'],
  'crease-centre': ['tape-measure'],
};

/** What goes onto every single thing, however many are pressed at once; covers go by the load. */
const ON_EACH: readonly LayerMaterial[] = [
  ...(['print', 'film', 'vinyl', 'paper-sleeve', 'shrink-sleeve'] as const),
];

/** How many of each layer a whole batch uses up: so many a load, as the first one does, or a thing. */
function spent(
  operations: readonly Operation[],
  passes: readonly Pass[],
  items: number,
): ReadonlyMap<LayerMaterial, number> {
  const counts = new Map<LayerMaterial, number>();
  for (const { uses, pass, load } of operations) {
    if (load !== null && load.number > 1) continue;
    for (const { is, count } of uses) {
      const times = ON_EACH.includes(is) ? items : (passes[pass]?.loads ?? 1);
      counts.set(is, (counts.get(is) ?? 0) + count * times);
    }
  }
  return counts;
}

/** The least a cover of the largest side of any pass measures, mm; null where nothing lies flat. */
function coverSize(passes: readonly Pass[]): Supply['atLeast'] {
  const boxes = passes.flatMap(({ sides }) => sides.map(({ region }) => regionBox(region)));
  const widthMm = Math.max(0, ...boxes.map(({ width }) => width));
  const heightMm = Math.max(0, ...boxes.map(({ height }) => height));
  return widthMm > 0
    ? { widthMm: widthMm + 2 * COVER_BEYOND_MM, heightMm: heightMm + 2 * COVER_BEYOND_MM }
    : null;
}

/** The largest piece of film that is cut, mm. */
const filmSize = (passes: readonly Pass[]): Supply['atLeast'] =>
  passes.find(({ film }) => film !== null)?.film ?? null;

/**
 * Everything to lay ready for a program: layers with how many and how large, then what hands need, so
 * that nothing is looked for while something presses.
 * @param items how many things are made in all.
 */
export function suppliesFor(
  program: Program,
  passes: readonly Pass[],
  taping: readonly Taping[],
  items: number,
): readonly Supply[] {
  const counts = spent(program.operations, passes, items);
  const size = coverSize(passes);
  const sleeve = taping.find((each) => each.code === 'cut-sleeve');
  const layers = [...new Set(program.layUps.flat().map(({ is }) => is))]
    .filter((is) => !OF_THE_MACHINE.includes(is))
    .map((is): Supply => ({
      is,
      count: counts.get(is) ?? null,
      atLeast: COVERS.includes(is) ? size : is === 'film' ? filmSize(passes) : null,
      lengthMm: is === 'shrink-sleeve' && sleeve ? sleeve.lengthMm : null,
    }));
  const tools = new Set<HandTool>(['heat-gloves']);
  if (passes.some(({ machine }) => MACHINES[machine.kind].below === 'mat'))
    tools.add('pressing-mat');
  for (const { does } of program.operations) NEEDED[does]?.forEach((tool) => tools.add(tool));
  const ofHand = TOOLS_OF_HAND.filter((tool) => tools.has(tool));
  return [
    ...layers,
    ...ofHand.map((is): Supply => ({ is, count: null, atLeast: null, lengthMm: null })),
  ];
}
