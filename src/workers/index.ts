export {
  drawChartTask,
  readChartTask,
  allPngsTask,
  isBackupTask,
  packBackupTask,
  unpackBackupTask,
  bentPreviewTask,
  patternPdfTask,
  letteringTask,
  lookTask,
  practiceOnBlankTask,
  practiseTask,
  packJobTask,
  prepareTask,
  readPagesTask,
  sheetPngTask,
  sheetsPdfTask,
  takeInTask,
  trialTask,
  unpackJobTask,
  warmUpForLines,
} from './client';
export { endLooking, readyToLook, taskIsLikely, warmUp } from './running';
export type { PhotoLook } from './look';
export type { LookedAt, LookInput } from './mustLie';
export { Cancelled, type Task } from './task';
export type { OnProgress, Progress } from './progress';
export type { DrawnLine } from './lettering';
export { openPdf } from './openPdf';
export type { ReadPage } from './pdfPages';
export type { TakenIn } from './takeIn';
export type { UnpackedBackup } from './unpackBackup';
export type { Preparation } from './prepare';
export type { TrialResult, TrialSettings } from './trial';
export {
  createComparer,
  createLadderPlanner,
  createWindowSeer,
  createPlanner,
  createReplanner,
  lookLongerAside,
  planEveningAside,
  planTogetherAside,
  type EveningShown,
  type Replanner,
} from './planner';
export { planAside, warmUpPlanner, type PlanRequest } from './planWorkers';
