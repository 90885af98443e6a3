import type { Span } from './problem';

/** When somebody or something is taken up: spans in order and apart, looked through for gaps. */
export interface Calendar {
  /** The earliest moment from one on at which so many seconds are free. */
  readonly free: (fromS: number, lastsS: number) => number;
  /** The first span that ends after a moment; its start, or infinity. */
  readonly nextAfter: (atS: number) => number;
  readonly take: (fromS: number, toS: number) => void;
  /** How much of it is gaps between one thing and the next, of those shorter than so many seconds. */
  readonly shortGapsS: (belowS: number) => number;
  /** Two calendars with the same key are taken up at the same times. */
  readonly key: () => string;
  readonly clear: () => void;
}

/** A calendar with what is taken up from the start. */
export function calendarOf(taken: readonly Span[]): Calendar {
  const starts: number[] = [];
  const ends: number[] = [];
  /** The first span that ends after a moment. */
  const first = (atS: number): number => {
    let low = 0;
    let high = ends.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((ends[middle] as number) > atS) high = middle;
      else low = middle + 1;
    }
    return low;
  };
  const clear = () => {
    starts.length = 0;
    ends.length = 0;
    for (const { fromS, toS } of taken) {
      starts.push(fromS);
      ends.push(toS);
    }
  };
  clear();
  return {
    clear,
    free: (fromS, lastsS) => {
      let at = fromS;
      for (let i = first(fromS); i < starts.length; i++) {
        if ((starts[i] as number) >= at + lastsS) return at;
        const end = ends[i] as number;
        if (end > at) at = end;
      }
      return at;
    },
    shortGapsS: (belowS) => {
      let sum = 0;
      for (let i = 1; i < starts.length; i++) {
        const gap = (starts[i] as number) - (ends[i - 1] as number);
        if (gap < belowS) sum += gap;
      }
      return sum;
    },
    key: () => `${starts.join()}-${ends.join()}`,
    nextAfter: (atS) => starts[first(atS)] ?? Infinity,
    take: (fromS, toS) => {
      if (toS <= fromS) return;
      const at = first(fromS);
      // moved up one by one: a splice makes an array of its own each time
      for (let i = starts.length; i > at; i--) {
        starts[i] = starts[i - 1] as number;
        ends[i] = ends[i - 1] as number;
      }
      starts[at] = fromS;
      ends[at] = toS;
    },
  };
}
