export { daysUnsaved, REMIND_AFTER_DAYS } from './due';
export {
  backupSchema,
  readBackup,
  toBackup,
  type BackupDocument,
  type BackupRead,
  type KeptInBackup,
  type Readable,
} from './document';
export { mergeOf, type Clash, type Here, type Merge } from './merge';
