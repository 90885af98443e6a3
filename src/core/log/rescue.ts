import type { Fault, PressRecord, TransferKind } from '../model';
import { TRANSFERS } from '../transfer';
import { teaches } from './record';

/** What can still be done with a piece that was spoiled or is doubtful. */
export type RescueWay =
  /** Press the same again, with what is given. */
  | 'press-again'
  /** Press only what has come loose, with fresh cover. */
  | 'press-edges'
  /** Print and press what is bad anew: one tile or one piece. */
  | 'reprint-part'
  /** Lay an opaque transfer over it. */
  | 'cover-over'
  /** Use what it is still good for: test pieces. */
  | 'test-stock'
  /** It is of no more use. */
  | 'give-up';

/** A way, and why it is or is not one. */
export interface Rescue {
  readonly way: RescueWay;
  readonly why: RescueReason;
}

/** Why a way is one, in a word; the sentence is made of it (common practice, but where said otherwise). */
export type RescueReason =
  | 'dye-was-held-back'
  | 'dye-moves-again'
  | 'adhesive-softens-again'
  | 'seam-shows'
  | 'opaque-hides'
  | 'still-bare'
  | 'damaged';

/** What a fault leaves of a piece. */
type Left =
  /** Too little dye or glue: more heat may bring it. */
  | 'too-little'
  /** Something is there that cannot be taken away. */
  | 'wrong-there'
  /** A part is loose or missing. */
  | 'part-missing'
  /** The blank itself is damaged. */
  | 'broken';

/** What each fault leaves (common practice). */
const LEAVES: Readonly<Record<Fault, Left>> = {
  ghost: 'wrong-there',
  blurred: 'wrong-there',
  faded: 'too-little',
  'faded-first-side': 'too-little',
  'white-edge': 'part-missing',
  'seam-gap': 'part-missing',
  'dark-line': 'wrong-there',
  specks: 'wrong-there',
  'tape-patch': 'part-missing',
  backwards: 'wrong-there',
  'upside-down': 'wrong-there',
  scorched: 'wrong-there',
  cracked: 'broken',
  clipped: 'part-missing',
  vanished: 'too-little',
  streaks: 'wrong-there',
  'roller-tracks': 'wrong-there',
  'halves-swapped': 'wrong-there',
  register: 'wrong-there',
  rim: 'part-missing',
  peeling: 'too-little',
  'sleeve-stuck': 'wrong-there',
  wrinkles: 'wrong-there',
  scratched: 'broken',
  stretched: 'wrong-there',
  'low-resolution': 'wrong-there',
};

/** How many spoiled ones of a blank the log knows of that were not used for a test since: a test piece takes one. */
export function testStock(records: readonly PressRecord[], blankId: string): number {
  // a piece that was pressed again is one piece
  const own = records.filter((record) => record.blankId === blankId && teaches(record));
  const spoiled = own.filter(({ outcome, test, faults }) => {
    const broken = faults.some((fault) => LEAVES[fault] === 'broken');
    return outcome === 'spoiled' && !test && !broken;
  });
  return Math.max(0, spoiled.length - own.filter(({ test }) => test).length);
}

/** What is asked of a piece that came out badly. */
export interface Spoiled {
  readonly transfer: TransferKind;
  readonly faults: readonly Fault[];
  /** Whether an opaque transfer can go on such a blank. */
  readonly takesOpaque: boolean;
  /** Whether several pieces lie on it, so that one can be made anew. */
  readonly inParts: boolean;
  /** Whether its paper was not lifted yet: then it can be pressed on exactly where it was. */
  readonly stillTaped: boolean;
}

const way = (is: RescueWay, why: RescueReason): Rescue => ({ way: is, why });

/** Ways where there is too little of what was to go on: dye gives no second picture in register, glue takes again. */
function forTooLittle({ transfer, stillTaped }: Spoiled): readonly Rescue[] {
  const { dye } = TRANSFERS[transfer];
  if (!dye) return [way('press-edges', 'adhesive-softens-again')];
  return stillTaped ? [way('press-again', 'dye-was-held-back')] : [];
}

/**
 * What can still be done with a piece, the best first: never a second heat that makes it worse, and what is left of it
 * as test stock.
 */
export function rescuesFor(spoiled: Spoiled): readonly Rescue[] {
  const { faults, takesOpaque, inParts, transfer } = spoiled;
  const left = new Set(faults.map((fault) => LEAVES[fault]));
  if (left.has('broken')) return [way('give-up', 'damaged')];
  const found: Rescue[] = [];
  const only = (what: Left) => left.size === 1 && left.has(what);
  if (only('too-little')) found.push(...forTooLittle(spoiled));
  const glued = !TRANSFERS[transfer].dye;
  if (inParts && glued && (only('part-missing') || only('too-little')))
    found.push(way('reprint-part', 'seam-shows'));
  if (takesOpaque && left.size > 0) found.push(way('cover-over', 'opaque-hides'));
  return [...found, way('test-stock', 'still-bare')];
}

/** Why a second heat is not offered, where somebody would think of it; null where it is, or nobody would. */
export function againstSecondHeat(spoiled: Spoiled): RescueReason | null {
  const { transfer, faults, stillTaped } = spoiled;
  const pale = faults.some((fault) => LEAVES[fault] === 'too-little');
  return TRANSFERS[transfer].dye && pale && !stillTaped ? 'dye-moves-again' : null;
}
