import { MM_PER_INCH } from '../units';
import { MAX_PIXELS } from './limits';

/** Drawings without pixels are drawn at this many dots per inch of the largest size they may take. */
const DRAW_PPI = 300;
/** Share of the largest picture a drawing may fill, so that it can still be turned and prepared. */
const MOST_SHARE = 0.6;

/** Room a drawing may be asked to fill, mm. */
export interface Room {
  readonly widthMm: number;
  readonly heightMm: number;
}

/**
 * Pixels for a drawing of `widthMm` × `heightMm` that are sharp at its own size and filling the
 * room, bounded by what can be taken in.
 */
export function drawingPixels(widthMm: number, heightMm: number, room: Room) {
  const toFill = Math.max(1, room.widthMm / widthMm, room.heightMm / heightMm);
  const wanted = (DRAW_PPI / MM_PER_INCH) * toFill;
  const most = Math.sqrt((MAX_PIXELS * MOST_SHARE) / (widthMm * heightMm));
  const perMm = Math.min(wanted, most);
  return {
    width: Math.max(1, Math.round(widthMm * perMm)),
    height: Math.max(1, Math.round(heightMm * perMm)),
  };
}
