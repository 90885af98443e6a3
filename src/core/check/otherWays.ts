import type { Face } from '../form';
import { luminance } from '../colour';
import type { Piece } from '../layout';
import {
  blankColours,
  TRANSFER_KINDS,
  type Job,
  type Machine,
  type Printer,
  type Shelf,
  type TransferKind,
} from '../model';
import { canTake, worksOn } from '../press';
import { paperHolds } from '../sheet';
import { machinesFor, toolsFor } from '../shelf';
import { isCloth, MACHINES } from '../traits';
import { PALE_INSTEAD, TRANSFERS } from '../transfer';
import { fix, type Fix } from './fixes';

/** From memory: blanks at least this light keep the art's colours; below the second they swallow them. */
export const PALE_FROM_LUMINANCE = 0.75;
/** Below this a blank swallows colours that let it shine through (from memory). */
export const DARK_BELOW_LUMINANCE = 0.3;

/** Most machines and most transfers offered at once. */
const MOST_MACHINES = 2;
const MOST_TRANSFERS = 3;

/** Whether a transfer holds on such a blank and shows: coating, polyester, colour. */
export function suitsBlank(kind: TransferKind, job: Pick<Job, 'blank' | 'items'>): boolean {
  const { coating, needsPolyester, transparent } = TRANSFERS[kind];
  const { substrate } = job.blank;
  const lightShares = blankColours(job).map(({ colour }) => luminance(colour));
  const darkest = Math.min(...lightShares);
  const holds = isCloth(substrate)
    ? !needsPolyester || substrate.polyesterShare !== 0
    : coating === null || substrate.coating !== 'none';
  const shows = !transparent || darkest >= DARK_BELOW_LUMINANCE;
  const dearer = PALE_INSTEAD[kind] !== undefined && darkest >= PALE_FROM_LUMINANCE;
  return canTake(job.blank, kind) && holds && shows && !dearer;
}

/** What a way out is looked for with. */
interface Stuck {
  readonly job: Job;
  readonly machine: Machine;
  readonly shelf: Shelf;
  readonly faces: readonly Face[];
  readonly pieces: readonly Piece[];
  readonly printer: Printer;
}

/** Whether a machine closes round such a blank, or lies on it. */
const fits = ({ faces }: Stuck, machine: Machine | undefined): boolean =>
  machine !== undefined &&
  !(MACHINES[machine.kind].straightOnly && faces.some(({ development }) => development));

/** Whether a film of the shelf holds each print whole, where a transfer needs one: it cannot be taped together. */
function filmHolds({ job, shelf, pieces, printer }: Stuck, kind: TransferKind): boolean {
  const { filmBeyondMm: beyondMm, cutMarginMm } = TRANSFERS[kind];
  if (beyondMm === null) return true;
  const { film } = toolsFor({ ...job, transfer: kind }, shelf);
  return pieces.every(({ widthMm, heightMm, borderMm }) => {
    // the border of the print now is not that of the print then
    const lessMm = cutMarginMm === null ? 0 : Math.max(0, borderMm - cutMarginMm);
    const moreMm = 2 * (beyondMm - lessMm);
    const size = { widthMm: widthMm + moreMm, heightMm: heightMm + moreMm };
    return film !== null && paperHolds(film, printer, size);
  });
}

/** Other transfers of some kinds that this blank takes, those for the machine at hand first. */
export function byTransfer(stuck: Stuck, kinds: readonly TransferKind[]): Fix[] {
  const { job, machine, shelf } = stuck;
  const here = (kind: TransferKind) => Number(worksOn(machine, job.blank, kind));
  return kinds
    .filter((kind) => kind !== job.transfer && suitsBlank(kind, job))
    .filter((kind) => fits(stuck, machinesFor(job.blank, kind, shelf)[0]))
    .filter((kind) => filmHolds(stuck, kind))
    .sort((a, b) => here(b) - here(a))
    .slice(0, MOST_TRANSFERS)
    .map((transfer) => fix('use-transfer', { transfer }));
}

/** Other machines of the shelf that press this blank by this transfer, the person's own first. */
export function byMachine(stuck: Stuck): Fix[] {
  const { job, machine, shelf } = stuck;
  if (!suitsBlank(job.transfer, job)) return [];
  return machinesFor(job.blank, job.transfer, shelf)
    .filter((other) => other.id !== machine.id && fits(stuck, other))
    .slice(0, MOST_MACHINES)
    .map(({ id, name }) => fix('use-machine', { id, name }));
}

/** Every way that works with what is on the shelf, where this machine and transfer do not. */
export const otherWays = (stuck: Stuck): Fix[] => [
  ...byMachine(stuck),
  ...byTransfer(stuck, TRANSFER_KINDS),
];
