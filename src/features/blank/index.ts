export { BlankStation } from './BlankStation';
