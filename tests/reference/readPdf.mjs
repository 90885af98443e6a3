// Reads a PDF with pdfjs-dist and prints, per page: size, image matrices and texts (points, y up).
import { readFileSync } from 'node:fs';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';

const multiply = (m, n) => [
  m[0] * n[0] + m[2] * n[1],
  m[1] * n[0] + m[3] * n[1],
  m[0] * n[2] + m[2] * n[3],
  m[1] * n[2] + m[3] * n[3],
  m[0] * n[4] + m[2] * n[5] + m[4],
  m[1] * n[4] + m[3] * n[5] + m[5],
];

async function readPage(page) {
  const { fnArray, argsArray } = await page.getOperatorList();
  const images = [];
  const stack = [];
  let matrix = [1, 0, 0, 1, 0, 0];
  fnArray.forEach((fn, i) => {
    if (fn === OPS.save) stack.push(matrix);
    else if (fn === OPS.restore) matrix = stack.pop() ?? matrix;
    else if (fn === OPS.transform) matrix = multiply(matrix, argsArray[i]);
    else if (fn === OPS.paintImageXObject) images.push(matrix);
  });
  const { items } = await page.getTextContent();
  return {
    view: page.view,
    images,
    texts: items.map(({ str, transform }) => ({ str, transform })),
  };
}

const doc = await getDocument({ data: new Uint8Array(readFileSync(process.argv[2])), verbosity: 0 })
  .promise;
const pages = [];
for (let n = 1; n <= doc.numPages; n++) pages.push(await readPage(await doc.getPage(n)));
const preferences = await doc.getViewerPreferences();
console.log(
  JSON.stringify({
    pages,
    printScaling: preferences?.get?.('PrintScaling') ?? preferences?.PrintScaling ?? null,
  }),
);
process.exit(0);
