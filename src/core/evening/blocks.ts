import type { Operation, Program, TaskCode } from '../model';
import type { Heat } from './settings';

/** Opening a machine at its bell and taking out what is in it, s of hands (from memory). */
const OPEN_S = 10;
/** Starting a timer again that is too short for one dwell, s of hands. */
const AGAIN_S = 5;
/** Hand work shorter than this is not worth laying aside, s (own choice). */
const PAUSE_FROM_S = 90;

/** What a block of an evening is made of, before it is known which machine of the evening it is for. */
export interface WorkPart {
  readonly operations: readonly string[];
  readonly waitS: number;
  readonly lastsS: number;
  readonly hands: readonly { readonly fromS: number; readonly toS: number }[];
  readonly use: {
    readonly machineId: string;
    readonly heat: Heat;
    readonly fromS: number;
    readonly toS: number;
  } | null;
  readonly mayPause: boolean;
  /** Where one operation ends and the next begins, s from its start. */
  readonly seams: readonly number[];
  /** Of its first seconds, how many lay one thing on the machine: more things on it are laid one after another. */
  readonly layS: number;
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

/** A block being built. */
interface Building {
  operations: string[];
  at: number;
  hands: { fromS: number; toS: number }[];
  toS: number;
  machine: Operation;
}

/** Hands that go on without a break are one span. */
function withHands(building: Building, fromS: number, toS: number): void {
  const last = building.hands[building.hands.length - 1];
  if (last && last.toS >= fromS) {
    last.toS = Math.max(last.toS, toS);
  } else building.hands.push({ fromS, toS });
}

/** One more operation at the machine: laid and closed by hand, pressed by itself or held, opened at the bell. */
function atMachine(building: Building, operation: Operation, last: boolean): void {
  const { at } = building;
  const lastsS = whole(operation.lasts.usualS);
  building.operations.push(operation.id);
  const end = at + lastsS;
  if (!operation.onMachine || operation.hands !== 'at-ends') withHands(building, at, end);
  else if ((operation.timer?.number ?? 1) > 1) withHands(building, at, at + AGAIN_S);
  building.at = end;
  if (operation.onMachine) {
    building.machine = operation;
    if (operation.hands === 'at-ends' && last) {
      withHands(building, end, end + OPEN_S);
      building.at = end + OPEN_S;
    }
  }
  building.toS = building.at;
}

/** Where the operations at a machine that follow each other end; `from` where there are none. */
function machineRun(operations: readonly Operation[], from: number): number {
  let to = from;
  for (let i = from; i < operations.length; i++) {
    const operation = operations[i];
    const turns = operation?.kind === 'stack' && !operation.onMachine;
    if (!operation || !(operation.onMachine || turns) || ofMachine(operation)) break;
    if (operation.onMachine) to = i + 1;
    // dried first, it is taken off to be laid
    if (operation.kind === 'prepare') break;
  }
  return to;
}

/** How long hands lay a thing before the machine first works, s. */
function laidIn(operations: readonly Operation[]): number {
  const first = operations.findIndex(({ onMachine }) => onMachine);
  return operations.slice(0, first).reduce((sum, { lasts }) => sum + whole(lasts.usualS), 0);
}

/** Presses of one thing on a machine as one block, with what must follow at once. */
function runPart(
  program: Program,
  operations: readonly Operation[],
  from: number,
  to: number,
  waitS: number,
): { part: WorkPart; next: number } {
  const first = operations[from] as Operation;
  const building: Building = {
    ...{ operations: [], at: 0, hands: [], toS: 0, machine: first },
  };
  for (let i = from; i < to; i++) {
    const after = operations[i + 1];
    const again = i + 1 < to && after?.timer !== null && (after?.timer?.number ?? 1) > 1;
    atMachine(building, operations[i] as Operation, !again);
  }
  let next = to;
  for (let each = operations[next]; each && each.withinS !== null; each = operations[next]) {
    const end = building.at + whole(each.lasts.usualS);
    withHands(building, building.at, end);
    building.operations.push(each.id);
    building.at = end;
    next++;
  }
  const pass = program.passes[building.machine.pass];
  const part: WorkPart = {
    ...{ operations: building.operations, waitS, lastsS: building.at, hands: building.hands },
    use: {
      machineId: pass?.machineId ?? '',
      heat: building.machine.temperatureC ?? pass?.settings.temperatureC ?? null,
      ...{ fromS: 0, toS: building.toS },
    },
    ...{
      mayPause: false,
      seams: [],
      layS: laidIn(operations.slice(from, to)),
    },
  };
  return { part, next };
}

/** Hand work of its own, or what goes on after hand work without a rest. */
function byHand(before: WorkPart | null, operation: string, waitS: number, s: number): WorkPart {
  const lastsS = (before?.lastsS ?? 0) + s;
  return {
    operations: [...(before?.operations ?? []), operation],
    waitS: before?.waitS ?? waitS,
    lastsS,
    hands: [{ fromS: 0, toS: lastsS }],
    ...{ use: null, layS: 0 },
    seams: before ? [...before.seams, before.lastsS] : [],
    mayPause: lastsS >= PAUSE_FROM_S,
  };
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
    const before = main.findIndex((part) => part.operations.some((id) => ids.has(id)));
    const part = own
      .filter(isAside)
      .reduce<WorkPart | null>(
        (sum, { id, lasts }) => byHand(sum, id, 0, whole(lasts.usualS)),
        null,
      );
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
      [waitS, i] = [0, next];
      continue;
    }
    const lastsS = whole(operation.lasts.usualS);
    i++;
    if (isRest(operation)) {
      waitS += lastsS;
      continue;
    }
    const before = parts[parts.length - 1];
    const goesOn = before && before.use === null && waitS === 0;
    if (goesOn) parts.pop();
    parts.push(byHand(goesOn ? before : null, operation.id, waitS, lastsS));
    waitS = 0;
  }
  if (waitS === 0) return parts;
  // it rests to the end
  const rest = { operations: [], waitS: 0, lastsS: waitS, use: null, layS: 0 };
  return [...parts, { ...rest, hands: [], seams: [], mayPause: false }];
}
