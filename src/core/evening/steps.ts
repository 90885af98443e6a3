import type { Span } from './problem';

/** One operation in the seconds an evening is planned in: hands at its beginning, nobody, hands at its end. */
export interface Step {
  readonly operation: string;
  readonly beforeS: number;
  readonly aloneS: number;
  readonly afterS: number;
  /** Whether the machine is taken up by it. */
  readonly onMachine: boolean;
  /** Whether it lays a thing on the machine: more things are laid one after another. */
  readonly lays: boolean;
  /** How long after its end the machine it cooled is not yet hot enough for the next to be laid on it, s. */
  readonly backS: number;
}

/** Steps one after another: how long they take, when hands are needed, until when the machine is taken up or cooled, s. */
export interface Timeline {
  readonly lastsS: number;
  readonly hands: readonly Span[];
  /** 0 where no step is on a machine. */
  readonly machineToS: number;
}

/** How long a step takes, s. */
export const stepS = ({ beforeS, aloneS, afterS }: Step): number => beforeS + aloneS + afterS;

/** When steps need hands and the machine. Hands that go on without a break are one span. */
export function timelineOf(steps: readonly Step[]): Timeline {
  const hands: { fromS: number; toS: number }[] = [];
  let at = 0;
  let machineToS = 0;
  const taken = (lastsS: number) => {
    const last = hands[hands.length - 1];
    if (lastsS > 0 && last?.toS === at) last.toS += lastsS;
    else if (lastsS > 0) hands.push({ fromS: at, toS: at + lastsS });
    at += lastsS;
  };
  for (const { beforeS, aloneS, afterS, onMachine, backS } of steps) {
    taken(beforeS);
    at += aloneS;
    taken(afterS);
    if (onMachine) machineToS = at + backS;
  }
  return { lastsS: at, hands, machineToS };
}

/** Where one step ends and the next begins, s from the first. */
export function seamsOf(steps: readonly Step[]): readonly number[] {
  let at = 0;
  return steps.slice(0, -1).map((step) => (at += stepS(step)));
}

/** Steps of one thing as those of several on the machine together. */
export const layingAll = (steps: readonly Step[], count: number): readonly Step[] =>
  steps.map((step) => (step.lays ? { ...step, beforeS: step.beforeS * count } : step));
