import { blankOf, shelf } from '@tests/support/jobs';
import { TRANSFERS } from '../transfer';
import {
  difference,
  faintOn,
  groundOf,
  hexDifference,
  hexOf,
  linearOf,
  luminance,
  onPaper,
  pressPixels,
  pressed,
  toEncoded,
  toLinear,
  VEIL,
} from '.';

describe('light', () => {
  test('relative luminance of primaries, WCAG 2.2 definition', () => {
    expect(luminance('#ffffff')).toBeCloseTo(1, 9);
    expect(luminance('#000000')).toBe(0);
    expect(luminance('#ff0000')).toBeCloseTo(0.2126, 9);
    expect(luminance('#00ff00')).toBeCloseTo(0.7152, 9);
  });

  test('mid grey #777777 against white has the well-known contrast of 4.48 : 1', () => {
    expect((1 + 0.05) / (luminance('#777777') + 0.05)).toBeCloseTo(4.48, 2);
  });

  test('encoded and linear are each other’s inverse, and a colour is read as it is written', () => {
    for (let v = 0; v <= 1; v += 1 / 64) expect(toEncoded(toLinear(v))).toBeCloseTo(v, 12);
    for (const hex of ['#1f2a44', '#ffffff', '#000000', '#f8c8d8'])
      expect(hexOf(linearOf(hex))).toBe(hex);
  });
});

const on = (colour: string, part: Partial<ReturnType<typeof blankOf>['substrate']> = {}) =>
  groundOf(TRANSFERS.sublimation, {
    ...blankOf('tee').substrate,
    ...{ polyesterShare: 1, colour },
    ...part,
  });
const neighbours = (one: string | null, other: string | null) => ({
  neighbours: [{ one, other, share: 1, box: { x: 0, y: 0, width: 1, height: 1 } }],
});

describe('a colour once it is pressed', () => {
  test('dye multiplies the ground in linear light, below a thin veil', () => {
    const [r] = pressed(linearOf('#808080'), on('#808080'));
    const grey = toLinear(128 / 255);
    expect(r).toBeCloseTo(VEIL + (grey - VEIL) * grey, 12);
  });

  test('white is the blank’s own colour, what covers keeps its white', () => {
    expect(pressed([1, 1, 1], on('#1f2a44'))).toEqual(pressed(null, on('#1f2a44')));
    const covers = groundOf(TRANSFERS['film-white'], blankOf('tee-navy').substrate);
    expect(difference(pressed([1, 1, 1], covers), [1, 1, 1])).toBeLessThan(0.01);
  });

  test('half polyester keeps half of the colour', () => {
    const half = pressed(linearOf('#000000'), on('#ffffff', { polyesterShare: 0.5 }));
    expect(half[0]).toBeCloseTo(VEIL + (1 - VEIL) * 0.5, 9);
    // film does not ask for polyester
    const film = groundOf(TRANSFERS['film-clear'], {
      ...blankOf('tee').substrate,
      polyesterShare: 0,
    });
    expect(film.takes).toBe(1);
  });

  test('pixels are pressed as colours are, half-opaque ones half', () => {
    const file = [200, 60, 120];
    for (const ground of [
      on('#9a9a9a', { polyesterShare: 0.6 }),
      { ...on('#1f2a44'), transparent: false },
    ]) {
      const hex = hexOf(ground.colour);
      const start = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));
      const below = Uint8ClampedArray.from([...start, 255, ...start, 255, ...start, 255]);
      pressPixels(below, Uint8ClampedArray.from([...file, 255, ...file, 0, ...file, 128]), ground);
      const wanted = pressed(linearOf('#c83c78'), ground);
      wanted.forEach((light, c) => {
        expect(Math.abs((below[c] ?? 0) - 255 * toEncoded(light))).toBeLessThan(1);
        expect(below[4 + c]).toBe(start[c]);
        const half = toLinear((start[c] ?? 0) / 255) * (127 / 255) + light * (128 / 255);
        expect(Math.abs((below[8 + c] ?? 0) - 255 * toEncoded(half))).toBeLessThan(1);
      });
    }
  });

  test('before heat the paper looks dull: greyer and lighter, white stays white', () => {
    expect(onPaper([1, 1, 1])).toEqual([1, 1, 1]);
    const red = linearOf('#c02030');
    const dull = onPaper(red);
    expect(luminance(hexOf(dull))).toBeGreaterThan(luminance('#c02030'));
    expect(dull[0] - dull[2]).toBeLessThan(red[0] - red[2]);
  });
});

describe('what hardly shows', () => {
  test('pale pink on grey heather is caught, on white it passes', () => {
    const heather = on('#9a9a9a', { polyesterShare: 0.5 });
    const [found] = faintOn(neighbours('#f8c8d8', null), heather);
    expect(found?.before).toBeCloseTo(hexDifference('#f8c8d8', '#ffffff'), 6);
    expect(found?.after).toBeLessThan(10);
    expect(faintOn(neighbours('#f8c8d8', null), on('#ffffff'))).toEqual([]);
  });

  test('pink lettering that shows on plain pink is lost in glitter', () => {
    const pair = neighbours('#d8408a', '#ffffff');
    expect(faintOn(pair, on('#e9b4c8'))).toEqual([]);
    const pale = neighbours('#f4b6c8', '#ffffff');
    expect(faintOn(pale, on('#e9b4c8', { finish: 'glitter' }))).toHaveLength(1);
  });

  test('what was faint in the file already is its maker’s wish', () => {
    expect(faintOn(neighbours('#fff6f8', null), on('#1f2a44'))).toEqual([]);
  });

  test('all blanks of the shelf can be reckoned with', () => {
    for (const { substrate } of shelf.blanks)
      expect(
        pressed([0.2, 0.5, 0.7], groundOf(TRANSFERS.sublimation, substrate)).every(
          (v) => v >= 0 && v <= 1,
        ),
      ).toBe(true);
  });
});
