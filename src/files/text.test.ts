import { textOf } from './text';

const NAMES = 'Zoë\nBjörn\nJosé';
/** Of these signs, Windows-1252 is Latin-1 (WHATWG Encoding, index windows-1252): a byte for each. */
const eightBits = Uint8Array.from(NAMES, (sign) => sign.charCodeAt(0));
const twoBytes = (bigEnd: boolean) => {
  const bytes = new Uint8Array(2 + 2 * NAMES.length);
  const view = new DataView(bytes.buffer);
  [...'\uFEFF', ...NAMES].forEach((sign, i) => view.setUint16(2 * i, sign.charCodeAt(0), !bigEnd));
  return bytes;
};

test.each<readonly [string, Uint8Array<ArrayBuffer>]>([
  ['UTF-8', new TextEncoder().encode(NAMES)],
  ['UTF-8 with a mark', new TextEncoder().encode(`\uFEFF${NAMES}`)],
  ['UTF-16, the small end first', twoBytes(false)],
  ['UTF-16, the big end first', twoBytes(true)],
  ['the eight bits of table programs', eightBits],
])('names keep their letters in %s', async (_, bytes) => {
  expect(await textOf(new Blob([bytes]))).toBe(NAMES);
});
