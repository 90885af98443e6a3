import { artwork } from '@tests/support/jobs';
import { ofOriginal, ofPrepared } from '.';

const drawing = artwork({
  realMm: { widthMm: 80, heightMm: 40 },
  strokes: [
    {
      points: [
        [0, 0],
        [1, 1],
      ],
      closed: false,
    },
  ],
  sourceNote: 'drawn by the club',
  lost: ['effects'],
});
const again = (of: typeof drawing, cropped: boolean, sha256: string) =>
  artwork({ sha256: sha256.repeat(64), ...ofPrepared(of, cropped) });

test('a picture whose colours were changed is as large as its drawing, and pens follow it', () => {
  const prepared = again(drawing, false, 'b');
  expect(prepared).toMatchObject({
    madeFrom: drawing.sha256,
    ...{ realMm: drawing.realMm, strokes: drawing.strokes, lost: ['effects'] },
  });
});

test('of a part that was cut out neither size nor lines are known; the original has them still, however often it was prepared', () => {
  const cropped = again(drawing, true, 'b');
  expect(cropped).toMatchObject({ realMm: null, strokes: [] });
  const twice = again(cropped, false, 'c');
  expect(twice).toMatchObject({ madeFrom: drawing.sha256, realMm: null, strokes: [] });
  expect(artwork(ofOriginal(twice))).toEqual(drawing);
});

test('lettering that was prepared is a picture; back again its words can be changed', () => {
  const spec = {
    ...{ words: 'Ada', font: 'DM Mono' as const, bold: false, colour: '#000000' },
    ...{ capHeightMm: 20, arcRadiusMm: 0 },
  };
  const prepared = again(artwork({ text: spec }), false, 'b');
  expect(prepared.text).toBeNull();
  expect(artwork(ofOriginal(prepared)).text).toEqual(spec);
});

test('a picture in colours nobody told stays one when it is prepared', () => {
  expect(again(artwork({ coloursTold: false }), false, 'b').coloursTold).toBe(false);
});
