/**
 * The fonts a PDF may name without bringing them along (ISO 32000-1 §9.6.2.2), by the file that its reader asks for: open ones of
 * the same widths, which ship with the reader.
 */
const FONTS: Readonly<Record<string, URL>> = {
  'FoxitDingbats.pfb': new URL('pdfjs-dist/standard_fonts/FoxitDingbats.pfb', import.meta.url),
  'FoxitFixed.pfb': new URL('pdfjs-dist/standard_fonts/FoxitFixed.pfb', import.meta.url),
  'FoxitFixedBold.pfb': new URL('pdfjs-dist/standard_fonts/FoxitFixedBold.pfb', import.meta.url),
  'FoxitFixedBoldItalic.pfb': new URL(
    'pdfjs-dist/standard_fonts/FoxitFixedBoldItalic.pfb',
    import.meta.url,
  ),
  'FoxitFixedItalic.pfb': new URL(
    'pdfjs-dist/standard_fonts/FoxitFixedItalic.pfb',
    import.meta.url,
  ),
  'FoxitSerif.pfb': new URL('pdfjs-dist/standard_fonts/FoxitSerif.pfb', import.meta.url),
  'FoxitSerifBold.pfb': new URL('pdfjs-dist/standard_fonts/FoxitSerifBold.pfb', import.meta.url),
  'FoxitSerifBoldItalic.pfb': new URL(
    'pdfjs-dist/standard_fonts/FoxitSerifBoldItalic.pfb',
    import.meta.url,
  ),
  'FoxitSerifItalic.pfb': new URL(
    'pdfjs-dist/standard_fonts/FoxitSerifItalic.pfb',
    import.meta.url,
  ),
  'FoxitSymbol.pfb': new URL('pdfjs-dist/standard_fonts/FoxitSymbol.pfb', import.meta.url),
  'LiberationSans-Regular.ttf': new URL(
    'pdfjs-dist/standard_fonts/LiberationSans-Regular.ttf',
    import.meta.url,
  ),
  'LiberationSans-Bold.ttf': new URL(
    'pdfjs-dist/standard_fonts/LiberationSans-Bold.ttf',
    import.meta.url,
  ),
  'LiberationSans-Italic.ttf': new URL(
    'pdfjs-dist/standard_fonts/LiberationSans-Italic.ttf',
    import.meta.url,
  ),
  'LiberationSans-BoldItalic.ttf': new URL(
    'pdfjs-dist/standard_fonts/LiberationSans-BoldItalic.ttf',
    import.meta.url,
  ),
};

/** Brings the PDF reader the fonts it asks for. */
export class ShippedFonts {
  async fetch({ kind, filename }: { kind: string; filename: string }): Promise<Uint8Array> {
    const at = kind === 'standardFontDataUrl' ? FONTS[filename] : undefined;
    if (!at) throw new Error(`“${filename}” does not ship with the app.`);
    return new Uint8Array(await (await fetch(at)).arrayBuffer());
  }
}
