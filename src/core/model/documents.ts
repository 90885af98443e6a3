import type * as z from 'zod/mini';
import { keysOf } from '../keys';
import { failure, success, type Result } from '../result';
import { blankSchema, type Blank } from './blank';
import { jobSchema, type Job } from './job';
import { blankTo4, jobTo4, jobTo5, jobTo6, lifted } from './jobSteps';
import {
  isRaw,
  migrate,
  UnknownVersionError,
  type Raw,
  type Steps,
  type VersionFault,
} from './migrate';
import { handSized, machineTo4, paperTo5, programTo5, recordTo4, runTo4 } from './toolSteps';
import { eveningSchema, type KeptEvening } from './evening';
import { ownColoursSchema, type OwnColours } from './colours';
import { goodSchema, moneySchema, type Good, type Money } from './good';
import { paperSchema, type Paper } from './paper';
import { recordSchema, type PressRecord } from './record';
import { runSchema, type Run } from './run';
import {
  cutterSchema,
  machineSchema,
  ownFiguresSchema,
  printerSchema,
  type Cutter,
  type Machine,
  type OwnFigures,
  type Printer,
  type Shelf,
} from './shelf';

/** Everything that is kept, by its kind. */
export interface Documents {
  readonly job: Job;
  readonly blank: Blank;
  readonly paper: Paper;
  readonly printer: Printer;
  readonly machine: Machine;
  readonly cutter: Cutter;
  readonly figures: OwnFigures;
  readonly colours: OwnColours;
  readonly run: Run;
  readonly record: PressRecord;
  readonly evening: KeptEvening;
  readonly good: Good;
  readonly money: Money;
}
/** A kind of what is kept. */
export type DocumentKind = keyof Documents;

/** The shelf's lists and the kind of document each holds. */
export const SHELF_KINDS = {
  blanks: 'blank',
  papers: 'paper',
  printers: 'printer',
  machines: 'machine',
  cutters: 'cutter',
  figures: 'figures',
  colours: 'colours',
} as const satisfies Record<keyof Shelf, DocumentKind>;
/** The lists of a shelf. */
export const SHELF_LISTS = keysOf(SHELF_KINDS);

interface Reader<T> {
  /** Raise it with every change of shape, and add the step that leads there. */
  readonly version: number;
  readonly schema: z.ZodMiniType<T>;
  readonly steps: Steps;
}

const same = (document: Raw): Raw => document;
/** Versions 1 to 3 were common to all kinds; 2 and 3 brought fields that all have a default. */
const COMMON: Steps = { 1: same, 2: same };

/** How each kind is read, and the way there from every version ever written. */
export const DOCUMENTS: { readonly [K in DocumentKind]: Reader<Documents[K]> } = {
  job: {
    version: 9,
    schema: jobSchema,
    // 7 brought the film, 8 a blank of version 5 and lines for pens, 9 grounds; all have defaults
    steps: { ...COMMON, 3: jobTo4, 4: jobTo5, 5: jobTo6, 6: same, 7: same, 8: same },
  },
  blank: {
    version: 5,
    schema: blankSchema,
    // version 5 brought what is noted about it, its finish and its bundle, which have defaults
    steps: { ...COMMON, 3: blankTo4, 4: same },
  },
  paper: { version: 5, schema: paperSchema, steps: { ...COMMON, 3: handSized, 4: paperTo5 } },
  printer: { version: 4, schema: printerSchema, steps: { ...COMMON, 3: handSized } },
  // version 5 brought what each measuring of its plate came to
  machine: { version: 5, schema: machineSchema, steps: { ...COMMON, 3: machineTo4, 4: same } },
  cutter: { version: 4, schema: cutterSchema, steps: { ...COMMON, 3: handSized } },
  figures: {
    version: 4,
    schema: ownFiguresSchema,
    steps: { ...COMMON, 3: (document) => lifted(document, ['dwellS'], 1) },
  },
  colours: { version: 1, schema: ownColoursSchema, steps: {} },
  run: { version: 5, schema: runSchema, steps: { ...COMMON, 3: runTo4, 4: programTo5 } },
  record: {
    version: 9,
    schema: recordSchema,
    // 6 brought what simulated machines pressed, 7 the cause that was found, 8 looks before heat, 9 second heats; all have defaults
    steps: { ...COMMON, 3: recordTo4, 4: programTo5, 5: same, 6: same, 7: same, 8: same },
  },
  // version 2 brought machines that are told to be ready, and pieces to have rested; 3 looks at photos, 4 how a print lies, 5 second heats
  evening: { version: 5, schema: eveningSchema, steps: { 1: same, 2: same, 3: same, 4: same } },
  good: { version: 1, schema: goodSchema, steps: {} },
  money: { version: 1, schema: moneySchema, steps: {} },
};
/** Every kind of document there is. */
export const DOCUMENT_KINDS = keysOf(DOCUMENTS);

/** What a schema has against a value, all of it. */
export type Issues = readonly z.core.$ZodIssue[];

/** Why a document cannot be read; in words: `words/documents`. */
export type DocumentFault =
  | VersionFault
  | { readonly code: 'empty' }
  /** Its schema refuses it: damaged, or made by something else. */
  | { readonly code: 'unfit'; readonly issues: Issues };

/** Reads a document of a kind as some version wrote it; never throws. */
export function readDocument<K extends DocumentKind>(
  kind: K,
  version: number,
  body: unknown,
): Result<Documents[K], DocumentFault> {
  const { version: target, schema, steps } = DOCUMENTS[kind];
  if (!isRaw(body)) return failure({ code: 'empty' });
  try {
    const read = schema.safeParse(migrate(body, version, target, steps));
    return read.success
      ? success(read.data)
      : failure({ code: 'unfit', issues: read.error.issues });
  } catch (error) {
    if (error instanceof UnknownVersionError) return failure(error.fault);
    throw error;
  }
}
