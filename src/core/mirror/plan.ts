import { determinant, mirrorIn, IDENTITY } from '../geometry';
import type { Job, Printer } from '../model';
import type { Transfer } from '../transfer';

/** Someone on the way from art to blank who could flip the picture. */
export interface Flipper {
  readonly who: 'file' | 'driver' | 'printer';
  readonly flips: boolean;
}

/** Who mirrors the print, and the proof that it is done exactly once. */
export interface MirrorPlan {
  readonly needed: boolean;
  readonly by: Flipper['who'] | 'nobody';
  readonly flippers: readonly Flipper[];
  /** How many of them flip. */
  readonly flips: number;
  /** Whether lettering reads the right way round on the finished blank. */
  readonly readsRight: boolean;
}

/** Sign of one flip (or none): the determinant of the map it does to the page. */
const signOf = (flips: boolean): number => Math.sign(determinant(flips ? mirrorIn(1) : IDENTITY));

/**
 * Lettering reads right when all flips together — file, driver, printer, and the turning-over of a
 * print laid face to the blank — leave the sign of the map positive.
 */
export function readsRight(
  flippers: readonly Pick<Flipper, 'flips'>[],
  transfer: Transfer,
): boolean {
  const laid = signOf(transfer.imageSide === 'face to the blank');
  return flippers.reduce((sign, { flips }) => sign * signOf(flips), laid) > 0;
}

/**
 * Plans the mirroring. A printer that mirrors on its own is taken into account first; then the
 * driver, if the user wants it and it can; the file does whatever is still missing.
 */
export function planMirror(
  transfer: Transfer,
  printer: Printer,
  by: Job['sheet']['mirrorBy'],
): MirrorPlan {
  const printerFlips = printer.mirrorsOnItsOwn;
  const missing = transfer.mirrored !== printerFlips;
  const driverFlips = missing && by === 'driver' && printer.driverCanMirror;
  const fileFlips = missing && !driverFlips;
  const flippers: Flipper[] = [
    { who: 'file', flips: fileFlips },
    { who: 'driver', flips: driverFlips },
    { who: 'printer', flips: printerFlips },
  ];
  return {
    needed: transfer.mirrored,
    by: flippers.find(({ flips }) => flips)?.who ?? 'nobody',
    flippers,
    flips: flippers.filter(({ flips }) => flips).length,
    readsRight: readsRight(flippers, transfer),
  };
}
