export {
  Cancelled,
  packJobTask,
  sheetsPdfTask,
  takeInTask,
  unpackJobTask,
  type Task,
} from './client';
export type { OnProgress, Progress } from './progress';
export type { TakenIn } from './takeIn';
