/** How often a wall clock that was set is looked for, ms; timers late by more than the second slept. */
const LOOK_MS = 1000;
const KEY = 'lucky-sheet.clock-set-by';

/** What the wall clock has been set by since this browser's first look, ms: to be taken off again. */
let setByMs = read();
/** Wall clock and the clock nobody can set, at the last look. */
let last = { wall: Date.now(), steady: performance.now() };

function read(): number {
  try {
    const kept = Number(localStorage.getItem(KEY) ?? 0);
    return Number.isFinite(kept) ? kept : 0;
  } catch {
    return 0; // storage refused: as far as this page goes
  }
}
