import * as z from 'zod/mini';
import { clockSetBy } from '@/core/press';

const KEY = 'lucky-sheet.clock';
/** How often the last look is written down, ms. */
const WRITE_MS = 5000;

/** What the wall clock was set by since this browser first looked, and what it showed last; ms. */
const keptSchema = z.object({ setByMs: z.number(), wallMs: z.number() });
type Kept = z.infer<typeof keptSchema>;

function read(): Kept | null {
  try {
    return keptSchema.parse(JSON.parse(localStorage.getItem(KEY) ?? ''));
  } catch {
    return null; // none, or storage refused: as far as this page goes
  }
}

function write(kept: Kept): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(kept));
  } catch {
    // storage refused: as far as this page goes
  }
}

let setByMs: number | null = null;
let last = { wallMs: 0, steadyMs: 0 };
let writtenMs = 0;

/** The first look of a page: a clock that was set back meanwhile is told from what it showed last. */
function begin(wallMs: number, steadyMs: number): number {
  const kept = read();
  last = { wallMs, steadyMs };
  return kept ? kept.setByMs + Math.min(0, clockSetBy(wallMs - kept.wallMs, 0)) : 0;
}

/**
 * The moment it is, ms, by a clock that goes on evenly: setting the device's own clock, or its
 * hour changing, shifts nothing. Through sleep and reloads it goes on.
 */
export function steadyNow(): number {
  const [wallMs, steadyMs] = [Date.now(), performance.now()];
  setByMs ??= begin(wallMs, steadyMs);
  setByMs += clockSetBy(wallMs - last.wallMs, steadyMs - last.steadyMs);
  last = { wallMs, steadyMs };
  if (Math.abs(steadyMs - writtenMs) > WRITE_MS) {
    writtenMs = steadyMs;
    write({ setByMs, wallMs });
  }
  return wallMs - setByMs;
}
