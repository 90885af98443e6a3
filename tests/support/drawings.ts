import sharp from 'sharp';
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

/** A drawing as programs write them: a document type with entities, classes, uses, a symbol, a picture in it, a soft shadow. */
export async function fromAProgram(more = ''): Promise<string> {
  const picture = await sharp({
    create: { width: 60, height: 30, channels: 3, background: '#c33d33' },
  })
    .png()
    .toBuffer();
  return `<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd" [
  <!ENTITY sky "#2b3a7a">
]>
<svg version="1.1" xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="120mm" height="60mm" viewBox="0 0 240 120">
  <style type="text/css"><![CDATA[
    .st0{fill:#f5b878;} .st1{fill:none;stroke:#1f7a4d;stroke-width:14;}
  ]]></style>
  <defs>
    <linearGradient id="g"><stop offset="0" stop-color="#e33"/><stop offset="1" stop-color="#33e"/></linearGradient>
    <filter id="soft"><feGaussianBlur stdDeviation="5"/></filter>
    <circle id="disc" cx="105" cy="67" r="12"/>
    <g id="star"><path class="st0" d="M0-24 7-7 24 0 7 7 0 24-7 7-24 0-7-7Z"/></g>
    <symbol id="dot" viewBox="0 0 10 10"><circle cx="5" cy="5" r="5" fill="url(#g)"/></symbol>
  </defs>
  <rect width="240" height="120" fill="&sky;"/>
  <use xlink:href="#star" x="40" y="40"/><use href="#star" transform="translate(40 90) scale(0.8)"/>
  <use href="#dot" x="80" y="10" width="40" height="40"/>
  <clipPath id="round"><use xlink:href="#disc" style="overflow:visible"/></clipPath>
  <rect x="85" y="55" width="40" height="24" fill="#ffe08a" clip-path="url(#round)"/>
  <path class="st1" d="M80 90H140"/>
  <rect x="150" y="65" width="60" height="40" fill="#0a0a14" filter="url(#soft)"/>
  <image x="150" y="10" width="80" height="40" preserveAspectRatio="none" xlink:href="data:image/png;base64,${picture.toString('base64')}"/>${more}
</svg>`;
}

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
