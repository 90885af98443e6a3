import type { MachineKind, Origin, Pressure, TransferKind } from '../model';

/** One thing in the lay-up, named from the heat inwards. */
export interface Layer {
  readonly name: string;
  readonly role: 'heat' | 'protect' | 'print' | 'blank';
  /** What protects goes in clean: it is spent after one pressing, or wiped and used again. */
  readonly lasts?: 'once' | 'many';
  readonly note?: string;
}

/** A line to do, without heat. */
export interface Task {
  readonly title: string;
  readonly detail: string;
  /** How long it takes, s, where that is known. */
  readonly durationS?: number;
}

/** Both ways the trade does a thing, and how they differ in a sentence; empty where they agree. */
export interface CoolSchools {
  readonly difference: string;
  readonly A: Task;
  readonly B: Task;
}

/** What is set at the machine. */
export interface Figures {
  /** °C of plate or oven air; null where the machine's program is fixed. */
  readonly temperatureC: number | null;
  readonly dwellS: number;
  /** Null where a clamp, a sleeve or the machine's own weight sets it. */
  readonly pressure: Pressure | null;
  readonly origin: Origin;
}

/** A press before or after the main one, with what is done when it opens. */
export interface Pass {
  readonly task: Task;
  /** Null where the trade names none: the sheet's maker has to be asked. */
  readonly dwellS: number | null;
  readonly then: Task;
}

/** Kinds of work that are pressed alike. */
export type Work =
  'cup' | 'steel cup' | 'garment' | 'cloth panel' | 'thick cloth' | 'socks' | 'thin hard blank';

/** How some kinds of machine press one kind of work by some kinds of transfer. */
export interface Recipe extends Figures {
  readonly name: string;
  readonly transfers: readonly TransferKind[];
  readonly works: readonly Work[];
  readonly machines: readonly MachineKind[];
  /** Least and most seconds the trade names, where it names a range. */
  readonly dwellRangeS: readonly [number, number];
  readonly pressureNote: string;
  /** The other school's figures and how they differ in a sentence; school A is the cautious one. */
  readonly schoolB: { readonly difference: string; readonly figures: Figures } | null;
  /** Time that goes by the size of the picture; `core/press/area` says how. */
  readonly byArea: 'iron' | 'plate' | null;
  /** What to call a heat that is not set in degrees. */
  readonly heatName?: string;
  /** What is done while the machine warms up, and what can only be done once it is hot. */
  readonly preparation: readonly Task[];
  readonly ready: readonly Task[];
  readonly heatUp: Task;
  readonly before: Pass | null;
  readonly after: Pass | null;
  /** From outside in. */
  readonly layers: readonly Layer[];
  readonly pressing: string;
  /** What is done between two equal presses (a tumbler turned half round). */
  readonly turn: Task | null;
  /** A hard blank that cracks without something soft under it. */
  readonly needsPad: boolean;
  /** How two sides are pressed: thin hard blanks together, cloth one after the other. */
  readonly sides: 'together' | 'in turn';
  readonly doneness: string;
  /** What comes off while it is hot, straight from the machine; null where all of it waits for the cool-down. */
  readonly hotOff: Task | null;
  /** Two ways where schools differ; B is the cautious one. */
  readonly cool: CoolSchools;
  readonly unwrap: Task;
  readonly cautions: readonly string[];
}
