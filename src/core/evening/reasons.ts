import type { Assembled } from './assemble';
import { putOffIn, usesOf } from './orders';
import type { Evening } from './problem';
import type { Planned } from './search';

/** Why an evening is in the order it is: what takes long, and what is done meanwhile. */
export type Reason =
  /** A machine is switched on before all else: none takes longer to its heat. */
  | { readonly code: 'slowest-first'; readonly machine: number; readonly heatsS: number }
  /** A machine is set to another heat so many times, and what others do while it gets there. */
  | {
      readonly code: 'meanwhile';
      readonly machine: number;
      readonly fromC: number;
      readonly toC: number;
      readonly takesS: number;
      /** Machines that are loaded meanwhile; none where hands alone are busy. */
      readonly others: readonly number[];
      /** What hands do meanwhile, s. */
      readonly handsS: number;
    }
  /** A machine is loaded later than it could be: its end would come in the middle of other hand work. */
  | { readonly code: 'put-off'; readonly machine: number };

/** A change of heat is told where it takes at least so long, s (own choice). */
const WORTH_TELLING_S = 180;

const overlapS = (fromS: number, toS: number, span: { fromS: number; toS: number }): number =>
  Math.max(0, Math.min(toS, span.toS) - Math.max(fromS, span.fromS));

/** The machines that something is put off for, each once. */
function putOff(evening: Evening, order: Planned['order']): Reason[] {
  const next = evening.pieces.map(() => 0);
  const machines = new Set<number>();
  const putsOff = putOffIn(evening, usesOf(evening));
  let waits = false;
  for (const mention of order) {
    if (mention === putsOff) waits = true;
    const block = next[mention];
    if (block === undefined) continue;
    const use = evening.pieces[mention]?.blocks[block]?.use;
    if (waits && use) machines.add(use.machine);
    next[mention] = block + 1;
    waits = false;
  }
  return [...machines].map((machine) => ({ code: 'put-off', machine }));
}

/** Why a plan is in the order it is, the longest changes first. */
export function reasonsOf(
  { evening, machines }: Assembled,
  { schedule, order }: Pick<Planned, 'schedule' | 'order'>,
): readonly Reason[] {
  const { changes, placed } = schedule;
  const cold = changes.filter((change) => change.from === null);
  const [first] = [...cold].sort((a, b) => a.fromS - b.fromS);
  const slowest = Math.max(0, ...cold.map(({ toS, readyS }) => readyS - toS));
  const switched: Reason[] =
    first && cold.length > 1 && first.readyS - first.toS === slowest
      ? [{ code: 'slowest-first', machine: first.machine, heatsS: slowest }]
      : [];
  const meanwhile = changes.flatMap(({ machine, setting, from, toS, readyS }): Reason[] => {
    const heats = machines[machine]?.heats ?? [];
    const [fromC, toC] = [from === null ? null : heats[from], heats[setting]];
    const takesS = readyS - toS;
    if (fromC == null || toC == null || takesS < WORTH_TELLING_S) return [];
    const uses = placed.flatMap(({ piece, block, startS }) => {
      const use = evening.pieces[piece]?.blocks[block]?.use;
      return use
        ? [{ machine: use.machine, fromS: startS + use.fromS, toS: startS + use.toS }]
        : [];
    });
    const others = [
      ...new Set(
        uses
          .filter((use) => use.machine !== machine && overlapS(toS, readyS, use) > 0)
          .map((use) => use.machine),
      ),
    ];
    const handsS = placed
      .flatMap(({ hands }) => hands)
      .reduce((sum, span) => sum + overlapS(toS, readyS, span), 0);
    return [{ code: 'meanwhile', machine, fromC, toC, takesS, others, handsS }];
  });
  return [...switched, ...meanwhile, ...putOff(evening, order)];
}
