import type {
  CautionCode,
  HeatName,
  Layer,
  MachineKind,
  Origin,
  Pressure,
  TaskCode,
  TransferKind,
} from '../model';
import type { Work } from '../traits';
import type { AreaRule } from './area';

/** Something to do. */
export interface Task {
  readonly does: TaskCode;
  /** How long it has to take, s, where that is known; else the person says when it is done. */
  readonly durationS?: number;
  /** Within how many seconds of what went before it has to begin (from memory); else it can wait. */
  readonly withinS?: number;
}

/** What the two schools of cooling differ in; null where everybody does it alike. */
export type CoolDifference = 'handled-early' | 'peeled-hot' | 'matt-or-gloss' | null;

/** Both ways the trade cools and peels a thing; B is the cautious one. */
export interface CoolSchools {
  readonly difference: CoolDifference;
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
export interface ExtraPress {
  readonly task: Task;
  /** Null where the trade names none: the sheet's maker has to be asked. */
  readonly dwellS: number | null;
  readonly then: Task;
}

/** A press of something else before the main one: a film, laid like the print that goes on it after. */
export interface FirstPress extends ExtraPress {
  /** How it is laid, and how the print is laid on it then. */
  readonly lay: Task;
  readonly next: Task;
}

/** How some kinds of machine press one kind of work by some kinds of transfer. */
export interface RecipeFacts extends Figures {
  readonly transfers: readonly TransferKind[];
  readonly works: readonly Work[];
  readonly machines: readonly MachineKind[];
  /** Least and most seconds the trade names, where it names a range. */
  readonly dwellRangeS: readonly [number, number];
  /** The other school's figures; school A is the cautious one. */
  readonly schoolB: Figures | null;
  /** Time that goes by the size of the picture; `core/press/area` says how. */
  readonly byArea: AreaRule | null;
  /** What to call a heat that is not set in degrees. */
  readonly heatName: HeatName;
  /** What is done while the machine warms up, and what can only be done once it is hot. */
  readonly preparation: readonly Task[];
  readonly ready: readonly Task[];
  /** How it is switched on, before the hands prepare; and what it is waited for then. */
  readonly switchOn: TaskCode;
  readonly warmUp: Task;
  readonly before: FirstPress | null;
  readonly after: ExtraPress | null;
  /** From outside in. */
  readonly layers: readonly Layer[];
  readonly pressing: TaskCode;
  /** What is done between two equal presses (a tumbler turned half round). */
  readonly turn: Task | null;
  /** A hard blank that cracks without something soft under it. */
  readonly needsPad: boolean;
  /** How two sides are pressed: thin hard blanks together, cloth one after the other. */
  readonly sides: 'together' | 'in turn';
  /** What comes off while it is hot, straight from the machine; null where all of it waits for the cool-down. */
  readonly hotOff: Task | null;
  readonly cool: CoolSchools;
  readonly unwrap: Task;
  readonly cautions: readonly CautionCode[];
}
