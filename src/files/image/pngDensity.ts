import { MM_PER_INCH } from '@/core/units';
import { withChunk } from './pngChunk';

/**
 * A PNG that says how many pixels an inch it is (pHYs, in pixels per metre), so that programs print it
 * in its true size.
 */
export function withDensity(png: Uint8Array, ppi: number): Uint8Array<ArrayBuffer> {
  const density = new Uint8Array(9);
  const view = new DataView(density.buffer);
  const perMetre = Math.round((ppi / MM_PER_INCH) * 1000);
  view.setUint32(0, perMetre);
  view.setUint32(4, perMetre);
  density[8] = 1;
  return withChunk(png, 'pHYs', density);
}
