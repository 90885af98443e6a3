import { PDFDocument, PDFName, PDFOperator, PDFOperatorNames, rgb } from '@cantoo/pdf-lib';

/** A badge 60 × 40 mm in real units, with things in it that have no business in a drawing. */
export const HOSTILE_SVG = `<?xml version="1.0"?>
<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="60mm" height="40mm" viewBox="0 0 600 400" onload="window.pwned = 1">
  <script>window.pwned = 1</script>
  <style>@import url(https://elsewhere.example/x.css);</style>
  <image href="https://elsewhere.example/track.png" width="10" height="10"/>
  <a href="javascript:window.pwned=1"><rect width="600" height="400" rx="40" fill="#2b3a7a" onclick="window.pwned=1"/></a>
  <foreignObject width="10" height="10"><body xmlns="http://www.w3.org/1999/xhtml"><iframe src="https://elsewhere.example"/></body></foreignObject>
  <circle cx="300" cy="200" r="120" fill="#f5b878"/>
</svg>`;

/** A drop-shaped ornament, 50 × 70 mm, with a hanging hole; curves, an arc and a transform in it. */
export const ORNAMENT_SVG = `<svg xmlns="http://www.w3.org/2000/svg" width="50mm" height="70mm" viewBox="0 0 50 70">
  <g transform="translate(25 0)">
    <path d="M0 0C10 12 25 25 25 45A25 25 0 0 1 -25 45C-25 25 -10 12 0 0Z"/>
    <circle r="2.5" cy="14"/>
  </g>
</svg>`;

/** A PDF of two pages of 4 × 3 in, one red and one blue. */
export async function twoPagePdf(): Promise<Buffer> {
  const doc = await PDFDocument.create();
  for (const colour of [rgb(0.8, 0.1, 0.1), rgb(0.1, 0.1, 0.8)]) {
    const page = doc.addPage([4 * 72, 3 * 72]);
    page.drawRectangle({ x: 36, y: 36, width: 216, height: 144, color: colour });
  }
  return Buffer.from(await doc.save());
}

/**
 * A PDF of one red page of 4 × 3 in, half of it under blue that a soft mask of luminosity hides
 * wholly (ISO 32000-1 §11.6.5.3): its group is painted black, and black lets nothing through.
 */
export async function hiddenHalfPdf(): Promise<Buffer> {
  const doc = await PDFDocument.create();
  const page = doc.addPage([4 * 72, 3 * 72]);
  page.drawRectangle({ x: 0, y: 0, width: 288, height: 216, color: rgb(0.8, 0.1, 0.1) });
  const group = doc.context.register(
    doc.context.stream('0 g 0 0 288 216 re f', {
      ...{ Type: 'XObject', Subtype: 'Form', BBox: [0, 0, 288, 216] },
      Group: { Type: 'Group', S: 'Transparency', CS: 'DeviceGray' },
    }),
  );
  const hidden = doc.context.obj({
    Type: 'ExtGState',
    SMask: { Type: 'Mask', S: 'Luminosity', G: group },
  });
  page.node.setExtGState(PDFName.of('Hidden'), hidden);
  page.pushOperators(
    PDFOperator.of(PDFOperatorNames.SetGraphicsStateParams, [PDFName.of('Hidden')]),
  );
  page.drawRectangle({ x: 0, y: 0, width: 144, height: 216, color: rgb(0.1, 0.1, 0.8) });
  return Buffer.from(await doc.save());
}
