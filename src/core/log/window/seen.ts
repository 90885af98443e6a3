import type { WindowAsk } from './asked';
import { answerOf, ladderFor, type Answer, type Ladder, type LadderQuestion } from './ladder';
import { HEAT_VERDICTS, type Setting, type Tried } from './observed';
import {
  bestOf,
  chancesOf,
  judged,
  settableRound,
  windowOf,
  type Chances,
  type Judged,
} from './window';

/** A window as it is shown. */
export interface WindowSeen {
  readonly from: Setting;
  readonly tried: readonly Tried[];
  /** Rows of settings from the coolest, each from the shortest. */
  readonly temperaturesC: readonly (number | null)[];
  readonly dwellsS: readonly number[];
  readonly cells: readonly Judged[];
  readonly best: Judged;
  /** The setting that is planned. */
  readonly planned: Chances;
}

/** Times that a map shows at most: finer nobody sees. */
const MOST_COLUMNS = 16;

/** Some of a list, evenly. */
const thinned = <T>(all: readonly T[], most: number): readonly T[] => {
  const every = Math.ceil(all.length / most);
  return all.filter((_, i) => i % every === 0);
};

/** What is known of where it comes out well. @param planned the setting that is planned. */
export function seenWindow(
  { from, schools, tried, mostC }: WindowAsk,
  planned: Setting,
): WindowSeen {
  const window = windowOf(from, schools, tried);
  const settable = settableRound(from, mostC);
  const { temperaturesC } = settable;
  const dwellsS = thinned(settable.dwellsS, MOST_COLUMNS);
  return {
    ...{ from, tried, temperaturesC, dwellsS },
    cells: judged(window, { temperaturesC, dwellsS }),
    best: bestOf(window, settable),
    planned: chancesOf(window, planned),
  };
}

/** A test, and what test pieces pressed already say to its question; null where none was. */
export interface LadderPlan {
  readonly ladder: Ladder;
  readonly answer: Answer | null;
}

/** What belongs to a question: what is known beside it, and the pressings that answer it. */
function partsFor({ ask }: LadderQuestion, tried: readonly Tried[]) {
  if (ask === 'window') return { known: tried, came: [] };
  const answers = ({ test, thisPaper }: Tried) => (ask === 'paper' ? thisPaper : test);
  return { known: tried.filter((each) => !answers(each)), came: tried.filter(answers) };
}

/** The test that teaches most. @param most test pieces there are to be had. */
export function plannedLadder(
  { from, schools, tried, mostC }: WindowAsk,
  question: LadderQuestion,
  most: number,
): LadderPlan {
  const { known, came } = partsFor(question, tried);
  const window = windowOf(from, schools, known);
  const told = came.map((rung) => ({ rung, verdict: HEAT_VERDICTS.indexOf(rung.verdict) }));
  return {
    ladder: ladderFor(window, settableRound(from, mostC), question, most),
    answer: told.length > 0 ? answerOf(window, question, told) : null,
  };
}
