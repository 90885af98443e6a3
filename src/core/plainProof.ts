import type { Piece } from './layout';
import { planMirror, type MirrorPlan } from './mirror';
import { isPrintedOn, type Job, type Paper } from './model';
import { planSheets, type SheetPlan } from './sheet';
import { BUILT_IN_SHELF, type Tools } from './shelf';
import { TRANSFERS } from './transfer';

/** A cheap print on ordinary paper, to be cut out and held to the blank before good paper is spent. */
export interface PlainProof {
  readonly paper: Paper;
  readonly mirror: MirrorPlan;
  readonly plan: SheetPlan;
}

/** Ordinary paper of the size at hand; letter where that is no paper for a printer, or an offcut. */
export function plainPaper({ paper }: Pick<Tools, 'paper'>): Paper {
  if (isPrintedOn(paper) && !paper.offcut) return { ...paper, product: null };
  const [letter] = BUILT_IN_SHELF.papers;
  if (!letter) throw new Error('The built-in shelf is empty.');
  return letter;
}

/**
 * One print of every piece as it looks on the blank, so never mirrored, at true size with its cut marks.
 * @param job as it is seen from the pass. @param pieces of that pass; of each one copy is printed.
 */
export function planPlainProof(job: Job, pieces: readonly Piece[], tools: Tools): PlainProof {
  const paper = plainPaper(tools);
  const { printer } = tools;
  const mirror = planMirror({ ...TRANSFERS[job.transfer], mirrored: false }, printer, 'file');
  const plan = planSheets(
    pieces.map((piece) => ({ ...piece, copies: 1 })),
    {
      ...{ job: { ...job, sheet: { ...job.sheet, seams: [] } }, paper, printer, mirror },
      arts: new Map(job.arts.map((art) => [art.sha256, art])),
      proof: true,
    },
  );
  return { paper, mirror, plan };
}
