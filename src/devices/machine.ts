import type { Machine, MachineKind } from '@/core/model';
import { ROOM_C } from '@/core/traits';

/** A machine that presses, as an evening handles it: real ones are read by eye, simulated ones by this. */
export interface Device {
  /** Sets how hot its plate, band or air is to be, °C; null where it has one heat only. */
  readonly set: (heatC: number | null) => void;
  /** What its display says, °C, in its own steps. */
  readonly display: () => number;
  /** How hot it really is, °C. */
  readonly heat: () => number;
  readonly open: () => void;
  /** Closes it on so many cold things and starts its timer, s. */
  readonly close: (things: number, timerS: number) => void;
  /** Seconds its timer has left, below 0 since it rang; null where none runs. */
  readonly timer: () => number | null;
  /** Puts a part on; what is put on is cold. */
  readonly attach: (part: string | null) => void;
  readonly attachment: () => string | null;
  /** Lets so many seconds go by. */
  readonly after: (s: number) => void;
}

/** What kinds of machines differ in, from memory: only the simulation is made of it. */
interface Nature {
  /** From the room to its usual heat, s. */
  readonly warmUpS: number;
  /** How fast it loses what it is hotter than the room: a share a second, closed and open. */
  readonly loses: number;
  readonly losesOpen: number;
  /** After how long somebody shuts it again, s; infinity where it stands open. */
  readonly shutsS: number;
  /** How much heat a thing takes, beside that of the machine itself. */
  readonly thing: number;
  /** How fast a thing takes it up, a share a second. */
  readonly takesUp: number;
}

const PLATE: Nature = {
  ...{ warmUpS: 480, loses: 0.0003, losesOpen: 0.0006, shutsS: Infinity },
  ...{ thing: 0.02, takesUp: 0.05 },
};
const NATURES: Readonly<Record<MachineKind, Nature>> = {
  'plate-press': PLATE,
  'hand-press': { ...PLATE, warmUpS: 240, loses: 0.0005 },
  iron: { ...PLATE, warmUpS: 150, loses: 0.001 },
  'mug-press': { ...PLATE, warmUpS: 300, thing: 0.4, takesUp: 0.02 },
  'mug-attachment': { ...PLATE, warmUpS: 420, thing: 0.4, takesUp: 0.02 },
  'cap-attachment': { ...PLATE, warmUpS: 420, thing: 0.04 },
  'tumbler-press': { ...PLATE, warmUpS: 420, thing: 0.3, takesUp: 0.03 },
  oven: {
    ...{ warmUpS: 900, loses: 0.0008, losesOpen: 0.012, shutsS: 20 },
    ...{ thing: 0.05, takesUp: 0.004 },
  },
};
/** What a machine without degrees is as hot as, °C. */
const FIXED_C = 190;
/** A heater switches on so far below what is set, and off so far above, °C. */
const SWITCHES_C = 1.5;
const STEP_S = 1;

const shown = ({ displayUnit, displayStep, displayOffsetC }: Machine, heatC: number): number => {
  const c = heatC - displayOffsetC;
  const figure = displayUnit === '°F' ? c * 1.8 + 32 : c;
  const stepped = Math.round(figure / displayStep) * displayStep;
  return displayUnit === '°F' ? (stepped - 32) / 1.8 : stepped;
};

/**
 * A simulated machine: one body with a heater of limited power, losses to the room, cold things that take up heat, and
 * a display that is off by what was measured on it. A stand-in for trying an evening, not a model of any one machine.
 */
export function simulatedMachine(machine: Machine): Device {
  const nature = NATURES[machine.kind];
  const warmUpS = machine.warmUpS ?? nature.warmUpS;
  const usualC = Math.min(machine.maxC ?? FIXED_C, 205);
  // full power brings it there in its time, against its own losses
  const power = (usualC - ROOM_C) / warmUpS + (nature.loses * (usualC - ROOM_C)) / 2;
  let heatC = ROOM_C;
  let wantedC = null as number | null;
  let heating = false;
  let openS = 0;
  let load = { things: 0, c: ROOM_C };
  let timerS: number | null = null;
  let part: string | null = null;

  function step(s: number): void {
    if (wantedC !== null && heatC < wantedC - SWITCHES_C) heating = true;
    if (wantedC === null || heatC > wantedC + SWITCHES_C) heating = false;
    const loses = openS > 0 ? nature.losesOpen : nature.loses;
    openS -= s;
    const flows = load.things > 0 ? nature.takesUp * (heatC - load.c) : 0;
    heatC +=
      s * ((heating ? power : 0) - loses * (heatC - ROOM_C) - flows * nature.thing * load.things);
    load = { ...load, c: load.c + s * flows };
    if (timerS !== null) timerS -= s;
  }

  return {
    set: (c) => {
      wantedC = c ?? FIXED_C;
    },
    display: () => shown(machine, heatC),
    heat: () => heatC,
    open: () => {
      [openS, load, timerS] = [nature.shutsS, { things: 0, c: ROOM_C }, null];
    },
    close: (things, s) => {
      [openS, load, timerS] = [0, { things, c: ROOM_C }, s];
    },
    timer: () => timerS,
    attach: (next) => {
      if (next !== part) heatC = ROOM_C;
      part = next;
    },
    attachment: () => part,
    after: (s) => {
      for (let left = s; left > 0; left -= STEP_S) step(Math.min(STEP_S, left));
    },
  };
}
