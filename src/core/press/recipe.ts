import type { MachineKind, Origin, Pressure } from '../model';

/** One thing in the lay-up, named from the heat inwards. */
export interface Layer {
  readonly name: string;
  readonly role: 'heat' | 'protect' | 'print' | 'blank';
  readonly note?: string;
}

/** A line to do, without heat. */
export interface Task {
  readonly title: string;
  readonly detail: string;
  /** How long it takes, s, where that is known. */
  readonly durationS?: number;
}

/** Both ways the trade does a thing, and how they differ in a sentence. */
export interface CoolSchools {
  readonly difference: string;
  readonly A: Task;
  readonly B: Task;
}

/** Kinds of work that are pressed alike. */
export type Work = 'cup' | 'steel cup' | 'garment' | 'cloth panel' | 'socks' | 'thin hard blank';

/** How some kinds of machine press one kind of work. */
export interface Recipe {
  readonly name: string;
  readonly work: Work;
  readonly machines: readonly MachineKind[];
  /** °C of plate or oven air; null where the machine's program is fixed. */
  readonly temperatureC: number | null;
  readonly dwellS: number;
  /** Least and most seconds the trade names, where it names a range. */
  readonly dwellRangeS: readonly [number, number];
  readonly pressure: Pressure | null;
  readonly pressureNote: string;
  readonly origin: Origin;
  readonly preparation: readonly Task[];
  readonly heatUp: Task;
  /** From outside in. */
  readonly layers: readonly Layer[];
  readonly pressing: string;
  readonly cool: CoolSchools;
  readonly unwrap: Task;
  readonly cautions: readonly string[];
}

export const OWN_INSTRUCTIONS =
  'The blank’s and the machine’s own instructions outrank these figures.';
