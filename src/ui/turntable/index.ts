export { FinishedView, startTurn } from './FinishedView';
