/** What draws in the round, kept apart so that it is loaded only when something is in sight. */
export { buildFinished, disposeOf } from './scene';
export { renderTurned } from './render';
