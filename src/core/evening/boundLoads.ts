import type { Span } from './problem';

/** One piece of work for one worker or machine: earliest start, length, and what must follow it, s. */
export interface Load {
  readonly headS: number;
  readonly lastsS: number;
  readonly tailS: number;
}

/** A moment after a worker was away as long as he was up to then. */
function afterAway(away: readonly Span[], atS: number): number {
  let at = atS;
  for (const { fromS, toS } of away) if (fromS <= at && at < toS) at = toS;
  return at;
}

const byHead = (one: Load, other: Load): number => one.headS - other.headS;

/**
 * The earliest end of all loads on one worker that may lay any of them aside at any time, the one with the longest
 * tail first (Jackson's preemptive rule; Carlier & Pinson 1989): no plan ends sooner.
 */
export function preemptive(loads: readonly Load[], away: readonly Span[]): number {
  const waiting = [...loads].sort(byHead);
  /** What could be worked on, the longest tail last. */
  const open: { left: number; tailS: number }[] = [];
  let next = 0;
  let at = 0;
  let end = 0;
  for (;;) {
    if (open.length === 0) at = Math.max(at, waiting[next]?.headS ?? at);
    at = afterAway(away, at);
    for (let load = waiting[next]; load && load.headS <= at; load = waiting[++next]) {
      const { lastsS: left, tailS } = load;
      const before = open.findLastIndex((each) => each.tailS <= tailS);
      open.splice(before + 1, 0, { left, tailS });
    }
    const most = open[open.length - 1];
    if (!most) return end;
    const leaves = away.find(({ fromS }) => fromS > at)?.fromS ?? Infinity;
    const until = Math.min(at + most.left, waiting[next]?.headS ?? Infinity, leaves);
    most.left -= until - at;
    at = until;
    if (most.left > 0) continue;
    end = Math.max(end, at + most.tailS);
    open.pop();
  }
}

/** Loads shared by several workers: what is to be done in all, over their number, and nothing shorter than a load. */
export function shared(loads: readonly Load[], workers: number): number {
  let most = 0;
  let sumS = 0;
  let leastTailS = Infinity;
  // those that begin late all end after the earliest of them, and are followed by the shortest tail
  for (const { headS, lastsS, tailS } of [...loads].sort(byHead).reverse()) {
    sumS += lastsS;
    leastTailS = Math.min(leastTailS, tailS);
    most = Math.max(most, headS + Math.ceil(sumS / workers) + leastTailS, headS + lastsS + tailS);
  }
  return most;
}
