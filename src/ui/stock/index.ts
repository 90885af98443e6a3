export { PaperDialog } from './PaperDialog';
