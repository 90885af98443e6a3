import { signsAt } from './stretch';

/** What a container of still pictures says it holds first (ISO/IEC 14496-12, file type box; 23008-12, brands). */
const brandOf = (bytes: Uint8Array): string =>
  signsAt(bytes, 4, 4) === 'ftyp' ? signsAt(bytes, 8, 4) : '';

/** Pictures that people have and that are not taken in, by how their files begin. */
const FOREIGN: readonly (readonly [string, (bytes: Uint8Array) => boolean])[] = [
  [
    'a HEIC photo',
    (bytes) => ['heic', 'heix', 'heim', 'hevc', 'mif1', 'msf1'].includes(brandOf(bytes)),
  ],
  ['an AVIF picture', (bytes) => ['avif', 'avis'].includes(brandOf(bytes))],
  ['a GIF', (bytes) => signsAt(bytes, 0, 4) === 'GIF8'],
  ['a TIFF picture', (bytes) => ['II*\0', 'MM\0*'].includes(signsAt(bytes, 0, 4))],
  ['a bitmap (BMP)', (bytes) => signsAt(bytes, 0, 2) === 'BM'],
  ['a PostScript drawing', (bytes) => signsAt(bytes, 0, 4) === '%!PS'],
];

/** What a file is that is no picture to be taken in, as a person would say it; null where that is not known. */
export const foreignPicture = (bytes: Uint8Array): string | null =>
  FOREIGN.find(([, recognises]) => recognises(bytes))?.[0] ?? null;
