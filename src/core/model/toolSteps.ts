import type { FaceName } from '../form';
import type { TransferKind } from './heat';
import { lifted } from './jobSteps';
import { isRaw, type Raw } from './migrate';
import { LEAST_HAND_SIZE_MM } from './paper';
import { LEAST_TIMER_S } from './shelf';

/** Least sizes of what hands hold. */
export const handSized = (document: Raw): Raw =>
  lifted(
    document,
    ['widthMm', 'heightMm', 'maxPaperWidthMm', 'printAndCutWidthMm'],
    LEAST_HAND_SIZE_MM,
  );

/** Version 5 of a paper: what it is, where it was known only whether it came printed. */
export const paperTo5 = ({ preprinted, ...document }: Raw): Raw => ({
  ...document,
  is: preprinted === true ? 'ready-made' : 'paper',
});

/** Version 4 of a machine: least sizes and times. */
export const machineTo4 = (document: Raw): Raw => ({
  ...lifted(document, ['timerMaxS'], LEAST_TIMER_S),
  ...(isRaw(document.plate) ? { plate: handSized(document.plate) } : {}),
});

/** Version 4 of a run: its program is frozen, what happens are events. */
export const runTo4 = ({ jobId, startedAt, stepIndex, countdownFrom }: Raw): Raw => ({
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
export const recordTo4 = ({ transfer, ...document }: Raw): Raw => ({
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
export function programTo5(document: Raw): Raw {
  const { program } = document;
  if (!isRaw(program) || !Array.isArray(program.faces)) return document;
  const faces = program.faces.map((face: unknown) =>
    isRaw(face) ? { id: face.id, called: FACE_LABELS[String(face.name)] ?? 'face' } : face,
  );
  return { ...document, program: { ...program, faces } };
}
