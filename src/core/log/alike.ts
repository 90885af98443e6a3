import type { Blank, PressRecord, Shelf, TransferKind } from '../model';
import { comparableDwellS, tally, type SettingTally } from './insight';
import { teaches } from './record';

/** What a pressing is likened by. */
export interface Likened {
  readonly blank: Blank;
  readonly transfer: TransferKind;
  readonly machineId: string;
}

/** Pressings like the one that is planned, the latest first. */
export interface Alike {
  /** On the very blank, by the same transfer, on any machine. */
  readonly same: readonly PressRecord[];
  /** On another blank of the same form and material, by the same transfer and machine. */
  readonly kin: readonly PressRecord[];
}

/** Finds pressings that teach something about one that is planned. */
export function alikeTo(
  { blank, transfer, machineId }: Likened,
  records: readonly PressRecord[],
  { blanks }: Pick<Shelf, 'blanks'>,
): Alike {
  const kinds = new Set(
    blanks
      .filter(({ id }) => id !== blank.id)
      .filter(({ form, substrate }) => {
        const { material } = blank.substrate;
        return form.kind === blank.form.kind && substrate.material === material;
      })
      .map(({ id }) => id),
  );
  const real = records
    .filter((record) => teaches(record) && record.transfer === transfer)
    .sort((a, b) => b.at.localeCompare(a.at));
  return {
    same: real.filter(({ blankId }) => blankId === blank.id),
    kin: real.filter(
      (record) =>
        record.blankId !== null && kinds.has(record.blankId) && record.machineId === machineId,
    ),
  };
}

/** What was otherwise in a pressing than in one that came out well. */
export type Otherwise =
  | { readonly what: 'heat'; readonly byC: number }
  | { readonly what: 'time'; readonly byS: number }
  | { readonly what: 'pressure'; readonly from: string; readonly to: string }
  | { readonly what: 'machine' | 'paper' | 'printer'; readonly name: string }
  | { readonly what: 'pad' | 'used-cover' | 'over-dye'; readonly had: boolean };

/** Temperatures nearer than this are the same, °C (as the log's tally). */
const SAME_C = 1;

/** What was otherwise in one pressing than in another, as far as both are known. */
export function otherwiseIn(one: PressRecord, than: PressRecord): readonly Otherwise[] {
  const found: Otherwise[] = [];
  const [heat, other] = [one.temperatureC, than.temperatureC];
  if (one.machineId !== than.machineId) found.push({ what: 'machine', name: one.machineName });
  if (heat !== null && other !== null && Math.abs(heat - other) >= SAME_C)
    found.push({ what: 'heat', byC: heat - other });
  const byS = comparableDwellS(one) - comparableDwellS(than);
  if (byS !== 0) found.push({ what: 'time', byS });
  if (one.pressure !== than.pressure && one.pressure && than.pressure)
    found.push({ what: 'pressure', from: than.pressure, to: one.pressure });
  if (one.paperId !== than.paperId) found.push({ what: 'paper', name: one.paperName });
  if (one.printerId !== than.printerId) found.push({ what: 'printer', name: one.printerName });
  const [mine, theirs] = [one.program?.conditions, than.program?.conditions];
  if (mine && theirs) {
    if (mine.pad !== theirs.pad) found.push({ what: 'pad', had: mine.pad });
    if (mine.cover !== theirs.cover) found.push({ what: 'used-cover', had: mine.cover === 'used' });
    if (mine.overDye !== theirs.overDye) found.push({ what: 'over-dye', had: mine.overDye });
  }
  return found;
}

/** What pressings alike came to: what was tried, and what was otherwise in those that were spoiled. */
export interface LastTimes {
  /** Settings on the machine at hand first, then by the share of good ones. */
  readonly tried: readonly SettingTally[];
  /** The latest spoiled ones, those of the machine at hand first, beside the nearest good one; null where none came out well. */
  readonly spoiled: readonly {
    readonly record: PressRecord;
    readonly otherwise: readonly Otherwise[] | null;
  }[];
}

/** Spoiled pressings that are told of, at most. */
const MOST_SPOILED = 2;

/** The good pressing that a spoiled one differs least from: what differs then is what may have spoiled it. */
function nearestGood(record: PressRecord, records: readonly PressRecord[]): PressRecord | null {
  const good = records.filter(({ outcome }) => outcome === 'good');
  // seconds of an oven say nothing about a press
  const here = good.filter(({ machineId }) => machineId === record.machineId);
  const [nearest] = (here.length > 0 ? here : good)
    .map((good) => ({ good, differs: otherwiseIn(record, good).length }))
    .sort((a, b) => a.differs - b.differs || b.good.at.localeCompare(a.good.at));
  return nearest?.good ?? null;
}

/** Sums up pressings alike. */
export function lastTimes(records: readonly PressRecord[], machineName: string): LastTimes {
  const here = (each: Pick<SettingTally, 'machineName'>) =>
    Number(each.machineName === machineName);
  return {
    tried: [...tally(records)].sort((a, b) => here(b) - here(a)),
    spoiled: records
      .filter(({ outcome }) => outcome === 'spoiled')
      .sort((a, b) => here(b) - here(a))
      .slice(0, MOST_SPOILED)
      .map((record) => {
        const good = nearestGood(record, records);
        return { record, otherwise: good && otherwiseIn(record, good) };
      }),
  };
}
