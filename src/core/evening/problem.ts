/** From and to, s. */
export interface Span {
  readonly fromS: number;
  readonly toS: number;
}

/**
 * When a block has its machine, from its start, and how that is to be set: an index into its changes. A machine that it
 * cooled can be taken up longer than the block lasts.
 */
export interface MachineUse extends Span {
  readonly machine: number;
  readonly setting: number;
}

/** Work done without a pause once it is begun, in whole seconds: the unit an evening is planned in. */
export interface Block {
  readonly id: string;
  /** Least wait after the end of the block before it in its piece (cooling), s. */
  readonly waitS: number;
  readonly lastsS: number;
  /** When it needs a person, from its start, in order and apart. */
  readonly hands: readonly Span[];
  readonly use: MachineUse | null;
  /** Hand work alone that may be laid aside and taken up again. */
  readonly mayPause: boolean;
  /** Where one step of it ends and the next begins, s from its start: laid aside there it costs nothing to go on. */
  readonly seams: readonly number[];
  /** Another piece that must be done before it begins; null where none must. */
  readonly after: number | null;
  /** Other pieces whose first use of a machine must have begun before it does. */
  readonly behind: readonly number[];
}

/** One thing, or one load of things, from the first touch to the last: blocks one after another. */
export interface PieceWork {
  readonly id: string;
  /** Earliest start of its first block, s from now. */
  readonly readyS: number;
  readonly blocks: readonly Block[];
}

/** What it takes to set a machine otherwise: hands at first, then it heats or cools by itself, s. */
export interface Change {
  readonly handsS: number;
  readonly thenS: number;
}

/** A machine of the evening. */
export interface MachineWork {
  readonly id: string;
  /** How many blocks it takes at once, each with an end of its own. */
  readonly places: number;
  /** From when on it is as hot as it is set, s from now. */
  readonly freeFromS: number;
  /**
   * On its way to a heat, what setting it otherwise takes at once, by how hot it is by now: until something uses it as it
   * is set. Null where it is there, or is used.
   */
  readonly turning: readonly (Change | null)[] | null;
  /** What goes on in it now, a span each, s from now. */
  readonly taken: readonly Span[];
  /** What it is set to; null while it is cold. */
  readonly setTo: number | null;
  /** From a setting (a row each, the first for cold) to a setting; null where it has to be off first. */
  readonly changes: readonly (readonly (Change | null)[])[];
  /** The setting that stands for off and cooled, where parts are put on and taken off; null where none are. */
  readonly off: number | null;
}

/** What is planned: pieces on machines, by people who are away at times. */
export interface Evening {
  readonly pieces: readonly PieceWork[];
  readonly machines: readonly MachineWork[];
  /** One list a person, in order and apart: when they are away, or bound by what runs already. */
  readonly people: readonly (readonly Span[])[];
}

/** A block where it is planned. */
export interface Placed {
  readonly piece: number;
  readonly block: number;
  readonly startS: number;
  readonly endS: number;
  /** Who does which span of it, or which part of what is laid aside. */
  readonly hands: readonly (Span & { readonly person: number })[];
}

/** A machine set otherwise. */
export interface PlacedChange extends Span {
  readonly machine: number;
  readonly setting: number;
  readonly person: number;
  /** What it was set to before; null where it is switched on. */
  readonly from: number | null;
  /** When it is as hot as it was set. */
  readonly readyS: number;
}

/** A plan of an evening. */
export interface Schedule {
  readonly placed: readonly Placed[];
  readonly changes: readonly PlacedChange[];
  readonly endS: number;
}

/** Taking up again what was laid aside costs so much, s (own choice). */
export const PICK_UP_S = 10;
/** It is not worth beginning or taking up hand work for less than this, s (own choice). */
export const LEAST_PART_S = 30;
/** A row of changes: that of a setting, or of the cold machine. */
export const rowOf = (setTo: number | null): number => (setTo === null ? 0 : setTo + 1);

/** One change of a machine, with the setting it leads to. */
export interface ChangeTo extends Change {
  readonly setting: number;
}

/** How a machine is set otherwise: at once, or switched off first; nothing where it is set so. */
export function wayTo({ changes, off }: MachineWork, from: number | null, to: number): ChangeTo[] {
  if (from === to) return [];
  const direct = changes[rowOf(from)]?.[to];
  if (direct) return [{ ...direct, setting: to }];
  const [away, on] = off === null ? [] : [changes[rowOf(from)]?.[off], changes[rowOf(off)]?.[to]];
  return off !== null && away && on
    ? [
        { ...away, setting: off },
        { ...on, setting: to },
      ]
    : [];
}

/** How long a machine takes to be set otherwise, hands included, s. */
export const wayS = (machine: MachineWork, from: number | null, to: number): number =>
  wayTo(machine, from, to).reduce((sum, { handsS, thenS }) => sum + handsS + thenS, 0);

/** Spans put in order and apart: what overlaps or meets is one. */
export function merged(spans: readonly Span[]): Span[] {
  const all: { fromS: number; toS: number }[] = [];
  for (const { fromS, toS } of [...spans].sort((a, b) => a.fromS - b.fromS)) {
    const last = all[all.length - 1];
    if (last && fromS <= last.toS) last.toS = Math.max(last.toS, toS);
    else all.push({ fromS, toS });
  }
  return all;
}
