import type { Layer, Operation, PressedAgain, Program, TaskCode } from '../model';
import { draft } from './drafts';
import { mayOverrun } from './times';

/** A second heat: how, and how long, s. */
export interface SecondHeat {
  readonly how: PressedAgain;
  readonly dwellS: number;
}

/** What is made ready once more: a sleeve that came off hot is spent, an attachment may have been taken off since. */
const ANEW: readonly TaskCode[] = ['shrink-sleeve', 'fit-attachment'];

/** What lies over what is stuck already: a sheet that glue does not take to, where nothing protects it. */
function coveredOver(layers: readonly Layer[]): Layer[] {
  const stuck = layers
    // backing, carrier and film are off it
    .filter(({ is }) => is !== 'film')
    .map((layer): Layer =>
      layer.role === 'print' ? { ...layer, note: 'on-cloth-already' } : layer,
    );
  const print = stuck.findIndex(({ role }) => role === 'print');
  if (stuck.slice(0, print).some(({ role }) => role === 'protect')) return stuck;
  return [
    ...stuck.slice(0, print),
    { is: 'release-sheet', role: 'protect', lasts: 'many' },
    ...stuck.slice(print),
  ];
}

/** The main press with what leads into it and out of it: short presses before and after were for the first heat. */
function mainOnly(operations: readonly Operation[]): Operation[] {
  const isExtra = ({ kind, layUp }: Operation) => kind === 'press' && layUp === null;
  return operations.filter((each, i) => {
    const before = operations[i - 1];
    return (
      (each.kind !== 'prepare' || ANEW.includes(each.does)) &&
      !isExtra(each) &&
      !(before && isExtra(before))
    );
  });
}

/** Its print, and what that was stuck on with, are there. */
const THERE: readonly Layer['is'][] = ['print', 'film', 'vinyl'];

/** One operation as it is in a second heat, its clock a share of what it was. */
function heated(each: Operation, share: number): Operation {
  const uses = each.uses.filter(({ is }) => !THERE.includes(is));
  if (each.kind !== 'press' || each.countedS === null) return { ...each, uses };
  const s = Math.round(share * each.countedS);
  const mayOverrunS = each.mayOverrunS === null ? null : mayOverrun(s);
  const lasts = { leastS: s, usualS: s, mostS: s + (mayOverrunS ?? 0) };
  return { ...each, uses, countedS: s, lasts, mayOverrunS };
}

/** What lifts is let cool and looked at: nothing is peeled any more. */
function asStuck(each: Operation): Operation {
  const task =
    each.kind === 'cool' ? 'cool-flat' : each.kind === 'unwrap' ? 'look-at-edges' : each.does;
  if (task === each.does) return each;
  const { lasts, countedS, withinS } = draft(each.kind, { does: task });
  return { ...each, does: task, lasts, countedS, withinS };
}

/**
 * The second heat of a piece that was pressed by a program before: nothing is printed, trimmed or laid anew.
 * @param program of one transfer and one thing.
 */
export function pressedAgain(program: Program, { how, dwellS }: SecondHeat): Program {
  const firstS = program.passes[0]?.settings.dwellS ?? dwellS;
  const first = draft('prepare', {
    does: how === 'what-lifts' ? 'cover-what-lifts' : 'see-that-paper-holds',
  });
  const main = mainOnly(program.operations).map((each) => heated(each, dwellS / firstS));
  const again: Operation = { id: 'prepare-again', pass: 0, ...first };
  return {
    ...program,
    passes: program.passes.map((pass) => ({
      ...pass,
      settings: { ...pass.settings, dwellS, own: pass.settings.own || dwellS !== firstS },
    })),
    // hands are free for it while the machine warms up
    operations: (how === 'what-lifts' ? main.map(asStuck) : main).flatMap((each) =>
      each.kind === 'switch-on' ? [each, again] : [each],
    ),
    layUps: how === 'what-lifts' ? program.layUps.map(coveredOver) : program.layUps,
    conditions: { ...program.conditions, again: how },
  };
}
