/** Tells a person what went wrong with the browser's storage and what to do. */
export function storageProblem(error: unknown): string {
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
