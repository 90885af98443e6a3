/**
 * What to do where a part of the app that comes when it is needed could not be fetched; null for any other fault. Once
 * everything is kept offline there is no such fault, but a plain network address (a phone at the table) keeps nothing.
 */
export const missingPartProblem = (error: unknown): string | null =>
  error instanceof Error && error.name === 'ChunkLoadError'
    ? 'A part of the app could not be fetched: what serves this page does not answer. Nothing kept is harmed. ' +
      'See that it runs and that you are on its network, then load the page anew.'
    : null;

/** Tells a person what went wrong with the browser's storage and what to do. */
export function storageProblem(error: unknown): string {
  const missing = missingPartProblem(error);
  if (missing) return missing;
  const name = error instanceof Error || error instanceof DOMException ? error.name : '';
  if (name === 'QuotaExceededError') {
    return (
      'The browser’s storage is full; this is not saved. What you see is kept on the screen: export the job file, ' +
      'or delete jobs you no longer need.'
    );
  }
  if (name === 'SecurityError' || name === 'InvalidStateError' || name === 'NotAllowedError') {
    return (
      'The browser refuses storage (a private window, perhaps); this is not saved. What you see is kept on the ' +
      'screen: export the job file before you close it.'
    );
  }
  return 'The browser could not store this. What you see is kept on the screen: export the job file, then reload.';
}
