import fc from 'fast-check';
import { rowSplitter } from './rowSplitter';

/** Each pixel's bytes, taken apart one at a time. */
function apart(row: Uint8Array, colours: number, alpha: number) {
  const pixels = Array.from({ length: (row.length - 1) / (colours + alpha) }, (_, i) =>
    [...row].slice(1 + i * (colours + alpha), 1 + (i + 1) * (colours + alpha)),
  );
  return {
    colours: [row[0], ...pixels.flatMap((pixel) => pixel.slice(0, colours))],
    alpha: [row[0], ...pixels.flatMap((pixel) => pixel.slice(colours))],
  };
}

test.each([
  ['RGBA, 8 bit', 3, 1],
  ['RGBA, 16 bit', 6, 2],
  ['grey and opacity, 8 bit', 1, 1],
])('a row of %s comes apart into colours and opacity at any width', (_, colours, alpha) => {
  const rows = fc.integer({ min: 1, max: 13 }).chain((width) =>
    fc.tuple(
      fc.constant(width),
      fc.array(
        fc.uint8Array({
          minLength: 1 + width * (colours + alpha),
          maxLength: 1 + width * (colours + alpha),
        }),
        { minLength: 1, maxLength: 3 },
      ),
    ),
  );
  fc.assert(
    fc.property(rows, ([width, each]) => {
      const splitter = rowSplitter(width, colours, alpha);
      for (const row of each) {
        const into = [new Uint8Array(1 + width * colours), new Uint8Array(1 + width * alpha)];
        splitter.row.set(row);
        splitter.split(into[0] as Uint8Array, into[1] as Uint8Array);
        const wanted = apart(row, colours, alpha);
        expect(into.map((bytes) => [...bytes])).toEqual([wanted.colours, wanted.alpha]);
      }
    }),
  );
});
