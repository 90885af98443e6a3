import { calendarOf } from './calendar';
import { rowOf, wayTo, type ChangeTo, type MachineUse, type MachineWork } from './problem';

/** What is planned on one machine, in the order of its settings: within one, blocks may be put between others. */
export interface Booking {
  /** The earliest start of a block, from a moment on, at which its place is free, as the machine is set at last. */
  readonly free: (use: MachineUse, startS: number) => number;
  readonly take: (use: MachineUse, startS: number) => void;
  /** How it is set so now, one change after another; none where it is. */
  readonly wayTo: (setting: number) => readonly ChangeTo[];
  readonly set: (setting: number, readyS: number) => void;
  /** What it is set to; null while it is cold. */
  readonly setTo: () => number | null;
  /** Two bookings with the same key come to the same. */
  readonly key: () => string;
  /** When all that is planned on it is done. */
  readonly doneS: () => number;
  readonly clear: () => void;
}

/** The bookings of one machine. */
export function bookingOf(machine: MachineWork): Booking {
  const { places, freeFromS, turning, taken, setTo, changes } = machine;
  const ways = changes.map((row, from) =>
    row.map((_, to) => wayTo(machine, from === 0 ? null : from - 1, to)),
  );
  // each in a place of its own; what is in it beyond its places is in the first one
  const lanes = Array.from({ length: places }, (_, i) =>
    calendarOf(taken.filter((_span, nth) => (nth < places ? nth === i : i === 0))),
  );
  const busyToS = taken.reduce((most, { toS }) => Math.max(most, toS), turning ? 0 : freeFromS);
  const turns = turning?.map((change, to) => change && [{ ...change, setting: to }]);
  let turnable = turning !== null;
  let setting = setTo;
  let readyS = freeFromS;
  let doneS = busyToS;
  const laneFree = (fromS: number, lastsS: number) => {
    let at = Infinity;
    for (const lane of lanes) {
      const free = lane.free(fromS, lastsS);
      if (free < at) at = free;
    }
    return at;
  };
  return {
    free: (use, startS) => {
      const own = startS + use.fromS;
      const from = own > readyS ? own : readyS;
      return laneFree(from, use.toS - use.fromS) - use.fromS;
    },
    take: (use, startS) => {
      const from = startS + use.fromS;
      const to = startS + use.toS;
      const lane = lanes.find((each) => each.free(from, to - from) === from);
      lane?.take(from, to);
      turnable = false;
      doneS = Math.max(doneS, to);
    },
    wayTo: (to) =>
      (turnable && to !== setting ? turns?.[to] : null) ?? ways[rowOf(setting)]?.[to] ?? [],
    set: (to, ready) => {
      setting = to;
      turnable = false;
      readyS = ready;
      doneS = Math.max(doneS, ready);
    },
    setTo: () => setting,
    key: () =>
      `${setting} ${turnable} ${readyS} ${doneS} ${lanes.map((lane) => lane.key()).join('|')}`,
    doneS: () => doneS,
    clear: () => {
      lanes.forEach((lane) => lane.clear());
      setting = setTo;
      turnable = turning !== null;
      readyS = freeFromS;
      doneS = busyToS;
    },
  };
}
