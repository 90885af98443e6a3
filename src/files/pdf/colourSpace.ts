import { PDFName, PDFString, type PDFDocument, type PDFRef } from '@cantoo/pdf-lib';
import type { IccProfile } from '../image';
import { srgbProfile } from './srgbProfile';

const DEVICES = { 1: 'DeviceGray', 3: 'DeviceRGB' } as const;

const profileStream = (doc: PDFDocument, bytes: Uint8Array, channels: 1 | 3): PDFRef =>
  doc.context.register(
    doc.context.flateStream(bytes, { N: channels, Alternate: DEVICES[channels] }),
  );

/** A profile that is in a document, by its bytes. */
interface Kept {
  readonly bytes: Uint8Array;
  readonly ref: PDFRef;
}

/** The profiles of pictures in each document: those of one camera share theirs. */
const profiles = new WeakMap<PDFDocument, Kept[]>();

const same = (one: Uint8Array, other: Uint8Array): boolean =>
  one.length === other.length && one.every((byte, i) => byte === other[i]);

/** Where a profile stands in a document, into which each goes once. */
function profileIn(doc: PDFDocument, { bytes, channels }: IccProfile): PDFRef {
  const kept = profiles.get(doc) ?? [];
  profiles.set(doc, kept);
  const known = kept.find((each) => same(each.bytes, bytes));
  if (known) return known.ref;
  // a copy: the bytes of a picture may be given away
  const own = bytes.slice();
  const ref = profileStream(doc, own, channels);
  kept.push({ bytes: own, ref });
  return ref;
}

/** What a colour space is called in a PDF: by its profile (ISO 32000-1 §8.6.5.5), or by its channels. */
export type ColourSpace = readonly [string, PDFRef] | (typeof DEVICES)[keyof typeof DEVICES];

/** The colour space of a picture: that of its own profile; else that of the document, so that its bytes stay as they are. */
export const spaceOf = (
  doc: PDFDocument,
  channels: 1 | 3,
  profile: IccProfile | null = null,
): ColourSpace => (profile ? ['ICCBased', profileIn(doc, profile)] : DEVICES[channels]);

/** Says that what has no profile of its own is meant as sRGB (output intent, ISO 32000-1 §14.11.5). */
export function sayItIsSrgb(doc: PDFDocument): void {
  const intent = {
    ...{ Type: 'OutputIntent', S: 'GTS_PDFA1' },
    OutputConditionIdentifier: PDFString.of('sRGB IEC61966-2.1'),
    DestOutputProfile: profileStream(doc, srgbProfile(), 3),
  };
  doc.catalog.set(PDFName.of('OutputIntents'), doc.context.obj([intent]));
}
