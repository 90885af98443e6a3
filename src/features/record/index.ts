export { RecordStation } from './RecordStation';
