export {
  Cancelled,
  packJobTask,
  prepareTask,
  sheetsPdfTask,
  takeInTask,
  unpackJobTask,
  type Task,
} from './client';
export type { OnProgress, Progress } from './progress';
export type { TakenIn } from './takeIn';
export type { Preparation } from './prepare';
