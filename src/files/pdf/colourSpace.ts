import { PDFName, PDFString, type PDFDocument, type PDFRef } from '@cantoo/pdf-lib';
import type { IccProfile } from '../image';
import { srgbProfile } from './srgbProfile';

const DEVICES = { 1: 'DeviceGray', 3: 'DeviceRGB', 4: 'DeviceCMYK' } as const;

const profileStream = (doc: PDFDocument, bytes: Uint8Array, channels: 1 | 3 | 4): PDFRef =>
  doc.context.register(
    doc.context.flateStream(bytes, { N: channels, Alternate: DEVICES[channels] }),
  );

/** What a colour space is called in a PDF: by its profile (ISO 32000-1 §8.6.5.5), or by its channels. */
export type ColourSpace = readonly [string, PDFRef] | (typeof DEVICES)[keyof typeof DEVICES];

/** The colour space of a picture: that of its own profile; else that of the document, so that its bytes stay as they are. */
export const spaceOf = (
  doc: PDFDocument,
  channels: 1 | 3 | 4,
  profile: IccProfile | null = null,
): ColourSpace =>
  profile ? ['ICCBased', profileStream(doc, profile.bytes, profile.channels)] : DEVICES[channels];

/** Says that what has no profile of its own is meant as sRGB (output intent, ISO 32000-1 §14.11.5). */
export function sayItIsSrgb(doc: PDFDocument): void {
  const intent = {
    ...{ Type: 'OutputIntent', S: 'GTS_PDFA1' },
    OutputConditionIdentifier: PDFString.of('sRGB IEC61966-2.1'),
    DestOutputProfile: profileStream(doc, srgbProfile(), 3),
  };
  doc.catalog.set(PDFName.of('OutputIntents'), doc.context.obj([intent]));
}
