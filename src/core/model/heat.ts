import * as z from 'zod/mini';
import { keysOf } from '../keys';
import { TRANSFERS } from '../transfer';
import { numberIn } from '../schema';

/** Kinds of transfer; what each demands stands in `core/transfer`. */
export const TRANSFER_KINDS = keysOf(TRANSFERS);

/** Longest that anything is pressed at a time, s: two hours. */
export const LONGEST_DWELL_S = 7200;

/** How long something is pressed, s: from a touch to the longest. */
export const dwellSchema = numberIn(1, LONGEST_DWELL_S);

/** How hard a press is closed. */
export const pressureSchema = z.enum(['light', 'medium', 'firm']);

/** A way to get a picture onto a blank. */
export type TransferKind = (typeof TRANSFER_KINDS)[number];
/** How hard a press is closed. */
export type Pressure = z.infer<typeof pressureSchema>;
