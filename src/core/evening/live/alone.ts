import type { PressingState } from '../../job';
import { same, type EveningRun, type Program } from '../../model';
import type { EveningThing } from '../assemble';
import { assembledOf } from './begin';
import { isOver, progressOf } from './progress';
import { secondsAt } from './touch';

/** What is done of what is pressed: steps of all that is not left out. */
export function stateOf(run: EveningRun, now: Date): PressingState {
  const made = assembledOf(run);
  const { pieces } = progressOf(made, run, secondsAt(run, now));
  let done = 0;
  let of = 0;
  pieces.forEach((piece, at) => {
    if (piece.dropped) return;
    made.loads[at]?.blocks.forEach(({ steps }, block) => {
      of += steps.length;
      done += block < piece.block ? steps.length : block === piece.block ? piece.step : 0;
    });
  });
  const things = run.things.length;
  return { done, of, things, finished: pieces.every((piece, at) => isOver(made, piece, at)) };
}

/** A program by what is done in it: hands are thought to take other times once they were timed. */
const asDone = (program: Program) => ({
  ...program,
  operations: program.operations.map((operation) => ({ ...operation, lasts: null })),
});

/** Whether what was begun would be pressed otherwise by now: another program, more of them, or fewer. */
export function isOutdated(run: EveningRun, things: readonly EveningThing[]): boolean {
  const begun = run.things.filter(({ batch }) => batch === 0);
  if (begun.length !== things.length) return true;
  return begun.some(({ itemId, copy, program }) => {
    const now = things.find((each) => each.itemId === itemId && each.copy === copy);
    const then = run.programs[program];
    // a second heat is not what the job is pressed by
    if (then?.conditions.again) return false;
    return !now || !then || !same(asDone(then), asDone(now.program));
  });
}
