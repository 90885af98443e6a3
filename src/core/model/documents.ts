import type { z } from 'zod';
import { failure, success, type Result } from '../result';
import { blankSchema, type Blank } from './blank';
import { jobSchema, type Job } from './job';
import { migrate, UnknownVersionError, type Raw, type Steps, type VersionFault } from './migrate';
import { tidyOutline } from './outline';
import { LEAST_SIZE_MM } from './primitives';
import type { FaceName } from './codes';
import type { TransferKind } from './heat';
import { recordSchema, type PressRecord } from './record';
import { runSchema, type Run } from './run';
import {
  cutterSchema,
  LEAST_HAND_SIZE_MM,
  LEAST_TIMER_S,
  machineSchema,
  ownFiguresSchema,
  paperSchema,
  printerSchema,
  type Cutter,
  type Machine,
  type OwnFigures,
  type Paper,
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
  readonly run: Run;
  readonly record: PressRecord;
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
} as const satisfies Record<keyof Shelf, DocumentKind>;
/** The lists of a shelf. */
export const SHELF_LISTS = Object.keys(SHELF_KINDS) as (keyof Shelf)[];

interface Reader<T> {
  /** Raise it with every change of shape, and add the step that leads there. */
  readonly version: number;
  readonly schema: z.ZodType<T>;
  readonly steps: Steps;
}

const same = (document: Raw): Raw => document;
/** Versions 1 to 3 were common to all kinds; 2 and 3 brought fields that all have a default. */
const COMMON: Steps = { 1: same, 2: same };

/** Whether something is an object with fields, not a list. */
export const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Lifts sizes that are smaller than anything can be to the least there is. */
const lifted = (document: Raw, keys: readonly string[], least: number): Raw => ({
  ...document,
  ...Object.fromEntries(
    keys.flatMap((key) => {
      const value = document[key];
      return typeof value === 'number' && value > 0 && value < least ? [[key, least]] : [];
    }),
  ),
});

const FORM_SIZES = ['girthMm', 'rimGirthMm', 'baseGirthMm', 'wallHeightMm', 'heightMm'].concat(
  ...['widthMm', 'lengthMm', 'diameterMm'],
);

/** Version 4 of a blank: least sizes, outlines simple and thinned. */
function blankTo4(document: Raw): Raw {
  const { form } = document;
  if (!isRaw(form)) return document;
  const sized = lifted(form, FORM_SIZES, LEAST_SIZE_MM);
  if (form.kind !== 'outline' || !Array.isArray(form.rings)) return { ...document, form: sized };
  const tidy = tidyOutline(form.rings as [number, number][][]);
  return { ...document, form: tidy.ok ? { ...sized, rings: tidy.value } : sized };
}

/** Version 4 of a job: its blank's, and least sizes of pictures and times. */
function jobTo4(document: Raw): Raw {
  const { blank, placements, heat } = document;
  const sizing = (placement: unknown): unknown =>
    isRaw(placement) && isRaw(placement.sizing)
      ? { ...placement, sizing: lifted(placement.sizing, ['widthMm', 'heightMm'], LEAST_SIZE_MM) }
      : placement;
  // what was called A and B for peeling light paper has changed places: B is the cautious one everywhere
  const other = isRaw(heat) ? { A: 'B', B: 'A' }[String(heat.coolSchool)] : undefined;
  const school = document.transfer === 'light-paper' && other ? { coolSchool: other } : {};
  return {
    ...document,
    ...(isRaw(blank) ? { blank: blankTo4(blank) } : {}),
    ...(Array.isArray(placements) ? { placements: placements.map(sizing) } : {}),
    ...(isRaw(heat) && isRaw(heat.own)
      ? { heat: { ...heat, ...school, own: lifted(heat.own, ['dwellS'], 1) } }
      : {}),
  };
}

/** Version 5 of a job: every further transfer is a pass with pictures and heat of its own. */
function jobTo5(document: Raw): Raw {
  const { heat, bleedMm, sheet, transfer } = document;
  if (!isRaw(heat) || !isRaw(sheet)) return document;
  const { also, ...own } = heat;
  const kinds = [...new Set(Array.isArray(also) ? (also as unknown[]) : [])];
  const further = kinds
    .filter((kind) => kind !== transfer)
    .map((kind) => ({
      ...{ id: kind, transfer: kind, placements: [], bleedMm },
      sheet: { ...sheet, seams: [], keepWhole: [] },
      heat: { ...own, own: { temperatureC: null, dwellS: null, pressure: null } },
    }));
  return { ...document, heat: own, further };
}

const handSized = (document: Raw): Raw =>
  lifted(
    document,
    ['widthMm', 'heightMm', 'maxPaperWidthMm', 'printAndCutWidthMm'],
    LEAST_HAND_SIZE_MM,
  );

const machineTo4 = (document: Raw): Raw => ({
  ...lifted(document, ['timerMaxS'], LEAST_TIMER_S),
  ...(isRaw(document.plate) ? { plate: handSized(document.plate) } : {}),
});

/** Version 4 of a run: its program is frozen, what happens are events. */
const runTo4 = ({ jobId, startedAt, stepIndex, countdownFrom }: Raw): Raw => ({
  ...{ jobId, startedAt, program: null, events: [] },
  before: { stepIndex, countdownFrom },
});

/** What transfers were called in records before these kept their kind. */
const TRANSFER_LABELS: Readonly<Record<string, TransferKind>> = {
  'Sublimation print': 'sublimation',
  'Infusible-ink sheet': 'dye-sheet',
  'Infusible-ink pens': 'dye-pens',
  'Transfer paper for light fabric': 'light-paper',
  'Transfer paper for dark fabric': 'dark-paper',
  'Heat-transfer vinyl': 'vinyl',
  'Clear dye-receptive film and print': 'film-clear',
  'White dye-receptive film and print': 'film-white',
};

/** Version 4 of a record: identities, the program that was run, entries made later. */
const recordTo4 = ({ transfer, ...document }: Raw): Raw => ({
  ...document,
  transfer: TRANSFER_LABELS[String(transfer)] ?? null,
  ...{ blankId: null, recipeId: null, machineId: null, paperId: null, printerId: null },
  ...{ items: [], program: null, events: [], later: [] },
});

/** What faces were called in programs before these kept the code. */
const FACE_LABELS: Readonly<Record<string, FaceName>> = {
  Wrap: 'wrap',
  Face: 'face',
  Front: 'front',
  Back: 'back',
  'Left sleeve': 'sleeve-left',
  'Right sleeve': 'sleeve-right',
  'Left sock, outside': 'left-outside',
  'Left sock, inside': 'left-inside',
  'Right sock, outside': 'right-outside',
  'Right sock, inside': 'right-inside',
};

/** Version 5 of what keeps a program: faces are called by a code. */
function programTo5(document: Raw): Raw {
  const { program } = document;
  if (!isRaw(program) || !Array.isArray(program.faces)) return document;
  const faces = program.faces.map((face: unknown) =>
    isRaw(face) ? { id: face.id, called: FACE_LABELS[String(face.name)] ?? 'face' } : face,
  );
  return { ...document, program: { ...program, faces } };
}

/** How each kind is read, and the way there from every version ever written. */
export const DOCUMENTS: { readonly [K in DocumentKind]: Reader<Documents[K]> } = {
  job: { version: 5, schema: jobSchema, steps: { ...COMMON, 3: jobTo4, 4: jobTo5 } },
  blank: { version: 4, schema: blankSchema, steps: { ...COMMON, 3: blankTo4 } },
  paper: { version: 4, schema: paperSchema, steps: { ...COMMON, 3: handSized } },
  printer: { version: 4, schema: printerSchema, steps: { ...COMMON, 3: handSized } },
  machine: { version: 4, schema: machineSchema, steps: { ...COMMON, 3: machineTo4 } },
  cutter: { version: 4, schema: cutterSchema, steps: { ...COMMON, 3: handSized } },
  figures: {
    version: 4,
    schema: ownFiguresSchema,
    steps: { ...COMMON, 3: (document) => lifted(document, ['dwellS'], 1) },
  },
  run: { version: 5, schema: runSchema, steps: { ...COMMON, 3: runTo4, 4: programTo5 } },
  record: { version: 5, schema: recordSchema, steps: { ...COMMON, 3: recordTo4, 4: programTo5 } },
};
/** Every kind of document there is. */
export const DOCUMENT_KINDS = Object.keys(DOCUMENTS) as DocumentKind[];

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
