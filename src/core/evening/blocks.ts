import type { Operation, Program, TaskCode } from '../model';
import type { Heat } from './settings';
import { timelineOf, type Step } from './steps';

/** Opening a machine at its bell and taking out what is in it, s of hands (from memory). */
const OPEN_S = 10;
/** Starting a timer again that is too short for one dwell, s of hands. */
const AGAIN_S = 5;
/** Hand work shorter than this is not worth laying aside, s (own choice). */
const PAUSE_FROM_S = 90;

/** The machine that a part of the work is done on, and how hot that is to be. */
export interface PartUse {
  readonly machineId: string;
  readonly heat: Heat;
  /** Whether it is cooled by what is pressed in it: something thick; cloth hardly does, nor a moment on a bare thing beforehand. */
  readonly cools: boolean;
}

/** What a block of an evening is made of, before it is known which machine of the evening it is for. */
export interface WorkPart {
  /** One after another, without a pause; none while it rests to the end. */
  readonly steps: readonly Step[];
  /** Least wait after the part before it, s. */
  readonly waitS: number;
  /** How long it rests at the end of all, s. */
  readonly restS: number;
  readonly use: PartUse | null;
  readonly mayPause: boolean;
}

const whole = (s: number): number => Math.max(1, Math.round(s));

/** What an evening plans by machine, not by piece: switching on, warming up, changing what is fitted. */
const ofMachine = ({ kind, does }: Operation): boolean =>
  kind === 'switch-on' ||
  kind === 'warm-up' ||
  does === 'fit-attachment' ||
  does === 'attachment-off';

/** What is done to a print or vinyl by itself: it needs not wait for the thing it goes on. */
const ON_PRINT: ReadonlySet<TaskCode> = new Set<TaskCode>([
  ...(['look-at-print', 'trim-to-ticks', 'trim-to-marks', 'cut-close'] as const),
  ...(['cut-film', 'cut-film-larger', 'weed'] as const),
]);
/** Whether an operation of a further pass can be done at any time before that pass. */
const isAside = ({ pass, does }: Operation): boolean => pass > 0 && ON_PRINT.has(does);

/** Whether an operation is a rest that nobody attends: it may last longer. */
const isRest = ({ kind, hands, withinS }: Operation): boolean =>
  kind === 'cool' && hands === 'free' && withinS === null;

/** An operation at the machine: laid and closed by hand, pressed by itself or held, opened at the bell. */
function atMachine(operation: Operation, opens: boolean, lays: boolean): Step {
  const lastsS = whole(operation.lasts.usualS);
  const { onMachine } = operation;
  const own = { operation: operation.id, onMachine, lays, backS: 0 };
  if (!onMachine || operation.hands !== 'at-ends')
    return { ...own, beforeS: lastsS, aloneS: 0, afterS: 0 };
  const beforeS = (operation.timer?.number ?? 1) > 1 ? Math.min(lastsS, AGAIN_S) : 0;
  return { ...own, beforeS, aloneS: lastsS - beforeS, afterS: opens ? OPEN_S : 0 };
}

/** Whether a press that is held is lifted before an operation, and put down elsewhere: it can wait there. */
const isLifted = (before: Operation | undefined, { hands, section, withinS }: Operation): boolean =>
  hands === 'busy' && withinS === null && (section?.number ?? 1) > (before?.section?.number ?? 1);

/** Where the operations at a machine that follow each other end; `from` where there are none. */
function machineRun(operations: readonly Operation[], from: number): number {
  let to = from;
  for (let i = from; i < operations.length; i++) {
    const operation = operations[i];
    const turns = operation?.kind === 'stack' && !operation.onMachine;
    if (!operation || !(operation.onMachine || turns) || ofMachine(operation)) break;
    if (i > from && isLifted(operations[i - 1], operation)) break;
    if (operation.onMachine) to = i + 1;
    // dried first, it is taken off to be laid
    if (operation.kind === 'prepare') break;
  }
  return to;
}

/** Whether what is pressed is hard, or cloth so thick that the display makes up for it. */
function isThick({ layUps, passes }: Program, { layUp, pass }: Operation): boolean {
  const layers = layUp === null ? [] : (layUps[layUp] ?? []);
  const isHard = layers.some(({ is }) => is === 'cup' || is === 'hard-blank');
  return isHard || typeof passes[pass]?.display?.dropC === 'number';
}

/** Presses of one thing on a machine as one block, with what must follow at once. */
function runPart(
  program: Program,
  operations: readonly Operation[],
  from: number,
  to: number,
  waitS: number,
): { part: WorkPart; next: number } {
  const run = operations.slice(from, to);
  const works = run.findIndex(({ onMachine }) => onMachine);
  const machine = run.filter(({ onMachine }) => onMachine).at(-1) ?? run[0];
  const steps = run.map((operation, i) =>
    atMachine(operation, (run[i + 1]?.timer?.number ?? 1) <= 1, i < works),
  );
  let next = to;
  for (let each = operations[next]; each && each.withinS !== null; each = operations[++next])
    steps.push(byHandStep(each));
  const pass = program.passes[machine?.pass ?? 0];
  const heat = machine?.temperatureC ?? pass?.settings.temperatureC ?? null;
  const cools = machine?.kind === 'press' && isThick(program, machine);
  const use = { machineId: pass?.machineId ?? '', heat, cools };
  return { part: { steps, waitS, restS: 0, use, mayPause: false }, next };
}

const byHandStep = ({ id, lasts }: Operation): Step => ({
  ...{ operation: id, beforeS: whole(lasts.usualS), aloneS: 0, afterS: 0 },
  ...{ onMachine: false, lays: false, backS: 0 },
});

/** Hand work of its own, or what goes on after hand work without a rest. */
function byHand(before: WorkPart | null, operation: Operation, waitS: number): WorkPart {
  const steps = [...(before?.steps ?? []), byHandStep(operation)];
  const mayPause = timelineOf(steps).lastsS >= PAUSE_FROM_S;
  return { steps, waitS: before?.waitS ?? waitS, restS: 0, use: null, mayPause };
}

/** The work on one thing: its own blocks in order, and what is done to prints aside, each before one of them. */
export interface WorkParts {
  readonly main: readonly WorkPart[];
  readonly aside: readonly { readonly part: WorkPart; readonly before: number }[];
}

/** Hand work that can be done at any time before each further pass begins. */
function asideOf(operations: readonly Operation[], main: readonly WorkPart[]): WorkParts['aside'] {
  const passes = [...new Set(operations.filter(isAside).map(({ pass }) => pass))];
  return passes.flatMap((pass) => {
    const own = operations.filter((each) => each.pass === pass);
    const ids = new Set(own.map(({ id }) => id));
    const before = main.findIndex(({ steps }) => steps.some((step) => ids.has(step.operation)));
    const part = own
      .filter(isAside)
      .reduce<WorkPart | null>((sum, operation) => byHand(sum, operation, 0), null);
    return part && before >= 0 ? [{ part, before }] : [];
  });
}

/**
 * A program of one thing as blocks: hand work, presses with what must follow them at once, and rests between. What an
 * evening does once for a machine (switching on, warming up, fitting a part) is left out.
 */
export function partsOf(program: Program): WorkParts {
  const all = program.operations.filter((each) => !ofMachine(each));
  const main = mainParts(
    program,
    all.filter((each) => !isAside(each)),
  );
  return { main, aside: asideOf(all, main) };
}

function mainParts(program: Program, operations: readonly Operation[]): WorkPart[] {
  const parts: WorkPart[] = [];
  let waitS = 0;
  for (let i = 0; i < operations.length;) {
    const operation = operations[i] as Operation;
    const to = machineRun(operations, i);
    if (to > i) {
      const { part, next } = runPart(program, operations, i, to, waitS);
      parts.push(part);
      waitS = 0;
      i = next;
      continue;
    }
    i++;
    if (isRest(operation)) {
      waitS += whole(operation.lasts.usualS);
      continue;
    }
    const before = parts[parts.length - 1];
    const goesOn = before && before.use === null && waitS === 0;
    if (goesOn) parts.pop();
    parts.push(byHand(goesOn ? before : null, operation, waitS));
    waitS = 0;
  }
  if (waitS === 0) return parts;
  // it rests to the end
  return [...parts, { steps: [], waitS: 0, restS: waitS, use: null, mayPause: false }];
}
