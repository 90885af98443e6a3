import { measuringDoubt, type Misread, isCup } from '../form';
import { sizeForSheets } from '../fitSheets';
import { keysOf } from '../keys';
import { USUAL_FOLD_GAP_MM } from '../layout';
import { NOTHING_OWN, type Job, type Placement, type Shelf, type TransferKind } from '../model';
import { type MissingTool, withTransfer } from '../shelf';

/** Paper left between the bleeds of a folded pair, at least, mm (own choice). */
const FOLD_ROOM_MM = 4;

/** The narrowest gap of a folded pair that a bleed on both faces leaves room in, mm. */
export const foldGapFor = (bleedMm: number): number =>
  Math.max(USUAL_FOLD_GAP_MM, 2 * bleedMm + FOLD_ROOM_MM);

type Nothing = Readonly<Record<never, never>>;

/** What each way out needs to know. Lengths mm. */
export interface FixArgs {
  'use-tool': { what: MissingTool['what']; id: string; name: string };
  /** Another machine, by its own usual figures. */
  'use-machine': { id: string; name: string };
  'print-on': { paperId: string; name: string };
  'use-offcut': { paperId: string };
  'use-film': { filmId: string; name: string };
  /** As large as so many sheets hold. */
  'fit-on-sheets': { placementId: string; sheets: number };
  'cut-by-hand': Nothing;
  'use-transfer': { transfer: TransferKind };
  /** The same thing in another colour that a blank of the shelf has. */
  'use-colour': { from: string; colour: string; colourName: string };
  'read-otherwise': { misread: Misread };
  'halve-handle-gap': Nothing;
  'usual-bleed': { bleedMm: number };
  /** Smaller, and where it must be moved, moved. */
  'make-fit': { placementId: string } & Partial<Pick<Placement, 'sizing' | 'at'>>;
  'keep-proportions': { placementId: string; widthMm: number; heightMm: number };
  'cut-at-edge': { placementId: string };
  /** Every picture over the whole bundle and so far beyond it. */
  'cover-bundle': { beyondMm: number };
  'cut-straight': Nothing;
  'cut-along-art': Nothing;
  'cut-close': { marginMm: number };
  'fold-strip': Nothing;
  'fold-gap': { gapMm: number };
  'seam-gap': { byMm: number };
  'one-strip': Nothing;
  'two-halves': Nothing;
  'one-copy': Nothing;
  'mirror-in-file': Nothing;
  overlap: { overlapMm: number };
  'best-seams': { pieceId: string };
  'recipe-time': { dwellS: number };
  'press-lightly': Nothing;
  'pad-under': Nothing;
  'fresh-paper': Nothing;
  'cool-fully': Nothing;
}

/** A kind of way out. */
export type FixCode = keyof FixArgs;

/** A way out: a command, carried out on the job as it is when the person takes it. */
export interface Fix<C extends FixCode = FixCode> {
  readonly code: C;
  readonly args: FixArgs[C];
}

/** Makes a way out. */
export const fix = <C extends FixCode>(code: C, args: FixArgs[C]): Fix<C> => ({ code, args });

/** Changes fields of one part of a job. */
const on =
  <K extends 'sheet' | 'heat' | 'cut' | 'wrap'>(part: K) =>
  (job: Job, change: Partial<Job[K]>): Job => ({ ...job, [part]: { ...job[part], ...change } });

const [onSheet, onHeat, onCut, onWrap] = [on('sheet'), on('heat'), on('cut'), on('wrap')];

const onPlacement = (job: Job, id: string, change: (old: Placement) => Placement): Job => ({
  ...job,
  placements: job.placements.map((each) => (each.id === id ? change(each) : each)),
});

const TOOL_PLACES = {
  paper: (job, paperId) => onSheet(job, { paperId }),
  film: (job, filmId) => onSheet(job, { filmId }),
  printer: (job, printerId) => onSheet(job, { printerId }),
  cutter: (job, cutterId) => onSheet(job, { cutterId }),
  machine: (job, machineId) => onHeat(job, { machineId }),
} satisfies Record<MissingTool['what'], (job: Job, id: string) => Job>;

type Carried<C extends FixCode> = (job: Job, args: FixArgs[C], shelf: Shelf) => Job;

const CARRIED_OUT: { readonly [C in FixCode]: Carried<C> } = {
  'use-tool': (job, { what, id }) => TOOL_PLACES[what](job, id),
  'use-machine': (job, { id }) => onHeat(job, { machineId: id, own: NOTHING_OWN }),
  'print-on': (job, { paperId }) => onSheet(job, { paperId }),
  'use-offcut': (job, { paperId }) => onSheet(job, { paperId }),
  'use-film': (job, { filmId }) => onSheet(job, { filmId }),
  'fit-on-sheets': (job, { placementId, sheets }, shelf) => {
    const sizing = sizeForSheets(job, placementId, sheets, shelf);
    return sizing ? onPlacement(job, placementId, (old) => ({ ...old, sizing })) : job;
  },
  'cut-by-hand': (job) => onSheet(job, { cutterId: null }),
  'use-transfer': (job, { transfer }, shelf) => withTransfer(job, transfer, shelf),
  'use-colour': (job, { from, colour, colourName }) => ({
    ...job,
    blank:
      job.blank.substrate.colour === from
        ? { ...job.blank, substrate: { ...job.blank.substrate, colour, colourName } }
        : job.blank,
    items: job.items.map((item) =>
      item.colour?.colour === from ? { ...item, colour: { colour, colourName } } : item,
    ),
  }),
  'read-otherwise': (job) => {
    const form = measuringDoubt(job.blank.form)?.instead ?? job.blank.form;
    return { ...job, blank: { ...job.blank, form } };
  },
  'halve-handle-gap': (job) =>
    isCup(job.blank.form) ? { ...job, bleedMm: job.blank.form.handleGapMm / 2 } : job,
  'usual-bleed': (job, { bleedMm }) => ({
    ...job,
    bleedMm,
    fold: job.fold && 2 * bleedMm >= job.fold.gapMm ? { gapMm: foldGapFor(bleedMm) } : job.fold,
  }),
  'make-fit': (job, { placementId, ...part }) =>
    onPlacement(job, placementId, (old) => ({ ...old, ...part })),
  'keep-proportions': (job, { placementId, widthMm, heightMm }) =>
    onPlacement(job, placementId, (old) => ({
      ...old,
      sizing: { mode: 'exact', widthMm, heightMm, locked: true },
    })),
  'cut-at-edge': (job, { placementId }) =>
    onPlacement(job, placementId, (old) => ({
      ...old,
      repeat: old.repeat && { ...old.repeat, atEdge: 'cut' },
    })),
  'cover-bundle': (job, { beyondMm }) => ({
    ...job,
    bleedMm: Math.max(job.bleedMm, beyondMm),
    placements: job.placements.map((each) => ({ ...each, sizing: { mode: 'cover' as const } })),
  }),
  'cut-straight': (job) => onCut(job, { line: 'edge' }),
  'cut-along-art': (job) => onCut(job, { line: 'contour' }),
  'cut-close': (job, { marginMm }) => onCut(job, { marginMm }),
  'fold-strip': (job) => ({ ...job, fold: { gapMm: USUAL_FOLD_GAP_MM } }),
  'fold-gap': (job, { gapMm }) => ({ ...job, fold: { gapMm } }),
  'seam-gap': (job, { byMm }) => onWrap(job, { seam: { kind: 'gap', byMm } }),
  'one-strip': (job) => onWrap(job, { parts: 'strip' }),
  'two-halves': (job) => onWrap(job, { parts: 'halves' }),
  'one-copy': (job) => ({ ...job, items: job.items.map((item) => ({ ...item, copies: 1 })) }),
  'mirror-in-file': (job) => onSheet(job, { mirrorBy: 'file' }),
  overlap: (job, { overlapMm }) => onSheet(job, { tile: { ...job.sheet.tile, overlapMm } }),
  'best-seams': (job, { pieceId }) =>
    onSheet(job, { seams: job.sheet.seams.filter((each) => each.pieceId !== pieceId) }),
  'recipe-time': (job) => onHeat(job, { own: { ...job.heat.own, dwellS: null } }),
  'press-lightly': (job) => onHeat(job, { own: { ...job.heat.own, pressure: 'light' } }),
  'pad-under': (job) => onHeat(job, { pad: true }),
  'fresh-paper': (job) => onHeat(job, { cover: 'fresh' }),
  'cool-fully': (job) => onHeat(job, { coolSchool: 'B' }),
};

/** Every kind of way out. */
export const FIX_CODES = keysOf(CARRIED_OUT);

/** Carries a way out out, on the job as it is now. */
export const applyFix = <C extends FixCode>(job: Job, { code, args }: Fix<C>, shelf: Shelf): Job =>
  CARRIED_OUT[code](job, args, shelf);
