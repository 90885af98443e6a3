import { newJob, withArt } from '@/core/job';
import type {
  ArtFacts,
  Artwork,
  Blank,
  Job,
  Operation,
  Placement,
  Program,
  Run,
  RunEvent,
} from '@/core/model';
import type { BlankForm, StraightWrapForm, TaperedWrapForm } from '@/core/form';
import { planJob } from '@/core/plan';
import { BUILT_IN_SHELF } from '@/core/shelf';

export const NOW = new Date('2026-09-12T18:00:00Z');
export const shelf = BUILT_IN_SHELF;

export const mug12oz = () => blankOf('mug-12oz');

/** A picture of the star party, 300 ppi over a full wrap unless said otherwise. */
export const artwork = (part: Partial<Artwork> = {}): Artwork => ({
  sha256: 'a'.repeat(64),
  name: 'comet.png',
  mime: 'image/png',
  bytes: 1000,
  storedWidthPx: 2700,
  storedHeightPx: 1200,
  orientation: 1,
  transparentShare: 0,
  coloursTold: true,
  realMm: null,
  sourceNote: '',
  madeFrom: null,
  originally: null,
  text: null,
  facts: null,
  strokes: [],
  lost: [],
  ...part,
});

/** A 12 oz mug with one picture, ready to be printed and pressed. */
export function mugJob(art: Artwork = artwork(), placement: Partial<Placement> = {}): Job {
  const job = withArt(newJob('job-1', 'Comet mug', mug12oz(), NOW), art, 'p1');
  return { ...job, placements: job.placements.map((each) => ({ ...each, ...placement })) };
}

/** A job on a straight mug measured otherwise. */
export function withForm(job: Job, part: Partial<StraightWrapForm>): Job {
  const { form } = job.blank;
  if (form.kind !== 'straight-wrap') throw new Error('not a straight mug');
  return { ...job, blank: { ...job.blank, form: { ...form, ...part } } };
}

/** A job on the built-in latte cup, measured otherwise where told so. */
export function onLatteCup(job: Job, part: Partial<TaperedWrapForm> = {}): Job {
  const blank = shelf.blanks.find(({ id }) => id === 'latte-12oz');
  if (blank?.form.kind !== 'tapered-wrap') throw new Error('no latte cup on the built-in shelf');
  return { ...job, blank: { ...blank, form: { ...blank.form, ...part } } };
}

/** What is measured of a picture of which only its detail, or its outline, matters. */
export const factsWith = (part: Partial<ArtFacts>): ArtFacts => ({
  palette: [],
  whiteShare: 0,
  edgeMismatch: 0,
  turnedMismatch: 0,
  silhouette: [],
  neighbours: [],
  detail: { columns: 1, rows: 1, cells: [0] },
  ...part,
});

/** A blank of the built-in shelf. */
export function blankOf(id: string): Blank {
  const blank = shelf.blanks.find((each) => each.id === id);
  if (!blank) throw new Error(`no “${id}” on the built-in shelf`);
  return blank;
}

/** A job on a built-in blank with one picture, its form measured otherwise where told so. */
export function jobOn(
  blankId: string,
  art: Artwork = artwork(),
  form: Partial<BlankForm> = {},
): Job {
  const blank = blankOf(blankId);
  const measured = { ...blank, form: { ...blank.form, ...form } as BlankForm };
  return withArt(newJob('job-1', 'Star party', measured, NOW), art, 'p1');
}

/** Ids of the findings of a job's plan. */
export const findings = (job: Job, on = shelf): string[] =>
  planJob(job, on).checks.map(({ id }) => id);

/** A run of a mug job, as older versions kept it, with so many operations done. */
export const runOf = (jobId: string, done = 0): Run => {
  const { program, events } = pressedBy(planJob(mugJob(), shelf).press.program, { until: done });
  return { jobId, program, before: null, events, startedAt: NOW.toISOString() };
};

/**
 * A program gone through, one operation after another.
 * @param until how many operations; all of them where not told.
 * @param lastsS how long a clock ran, s; null where it was passed over.
 */
export function pressedBy(
  program: Program,
  {
    until = program.operations.length,
    lastsS = () => null,
  }: { until?: number; lastsS?: (operation: Operation) => number | null } = {},
): { program: Program; events: RunEvent[] } {
  let atS = 0;
  const at = () => new Date(NOW.getTime() + 1000 * atS).toISOString();
  const events = program.operations.slice(0, until).flatMap((operation): RunEvent[] => {
    const { id: operationId, countedS } = operation;
    const ran = countedS === null ? null : lastsS(operation);
    const begun = ran === null ? [] : [{ kind: 'begun' as const, at: at(), operationId }];
    atS += ran ?? 0;
    const kind = countedS !== null && ran === null ? 'skipped' : 'ended';
    return [...begun, { kind, at: at(), operationId }];
  });
  return { program, events };
}

/** So many of what a job makes one of. */
export const times = (job: Job, copies: number): Job => ({
  ...job,
  items: job.items.map((item) => ({ ...item, copies })),
});

/** A job whose pictures all lie otherwise. */
export const withPlaces = (job: Job, part: Partial<Placement>): Job => ({
  ...job,
  placements: job.placements.map((each) => ({ ...each, ...part })),
});

/** A job whose pictures cover their faces. */
export const covering = (job: Job): Job => withPlaces(job, { sizing: { mode: 'cover' } });
