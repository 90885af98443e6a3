import { chunksOf } from './pngChunk';
import { viewOf } from './stretch';

/** Colours by number (ITU-T H.273): primaries of BT.709, the curve of sRGB, no matrix, the full range. */
const SRGB_CODES = [1, 13, 0, 1] as const;
/** Gamma of a file for a screen such as sRGB describes, and sRGB's white and primaries as x and y; in 1/100 000. */
const SRGB_GAMMA = [45_455] as const;
const SRGB_PRIMARIES = [31_270, 32_900, 64_000, 33_000, 30_000, 60_000, 15_000, 6000] as const;
/** Programs round these: off by less, no colour is another. */
const ROUNDED_BY = 500;

/** Whether a chunk says these figures, or is not there. */
function isAbout(data: Uint8Array | undefined, figures: readonly number[]): boolean {
  if (!data) return true;
  const view = viewOf(data);
  return figures.every(
    (figure, i) =>
      data.length >= 4 * (i + 1) && Math.abs(view.getUint32(4 * i) - figure) <= ROUNDED_BY,
  );
}

/**
 * Whether the values of a PNG are those of sRGB, or of the profile it carries, as they are stored. Else it says by a gamma, primaries or
 * code points what they are, which no PDF can say: such a one has to be decoded (W3C PNG, 3rd edition, §4.3 for which of them
 * counts, §11.3.2 for each).
 */
export function isMeantAsStored(png: Uint8Array): boolean {
  const said = new Map<string, Uint8Array>();
  for (const { type, data } of chunksOf(png)) {
    if (type === 'IDAT') break;
    said.set(type, data);
  }
  const codes = said.get('cICP');
  if (codes) return !said.has('iCCP') && SRGB_CODES.every((code, i) => codes[i] === code);
  if (said.has('iCCP') || said.has('sRGB')) return true;
  return isAbout(said.get('gAMA'), SRGB_GAMMA) && isAbout(said.get('cHRM'), SRGB_PRIMARIES);
}
