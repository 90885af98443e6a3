import { shelf } from '@tests/support/jobs';
import type { Machine, Readings } from '../model';
import { inches } from '../units';
import {
  effectivePlate,
  evenPart,
  learnedFrom,
  plateDriftIn,
  unevenness,
  withMeasuring,
  withReadings,
} from '.';

const plate = { widthMm: 400, heightMm: 300 };
const press = (readings: Readings | null, part: Partial<Machine> = {}): Machine => ({
  ...(shelf.machines.find(({ kind }) => kind === 'plate-press') as Machine),
  ...{ plate, coolBorderMm: 10, readings, ...part },
});
/** A plate read on a grid, its errors by place. */
const grid = (errorAt: (x: number, y: number) => number, steps = 7): Readings => ({
  places: Array.from({ length: steps * steps }, (_, i) => {
    const xMm = (plate.widthMm * ((i % steps) + 0.5)) / steps;
    const yMm = (plate.heightMm * (Math.floor(i / steps) + 0.5)) / steps;
    return { xMm, yMm, displayC: 200, plateC: 200 + errorAt(xMm, yMm) };
  }),
  pressing: [],
});

describe('figures of a machine out of readings', () => {
  test('the offset is the median, so that one misread place does not move it', () => {
    const { places } = grid(() => -6);
    const [first, ...rest] = places;
    if (!first) throw new Error('a grid has places');
    const misread = { ...first, plateC: 40 };
    expect(learnedFrom({ places: [misread, ...rest], pressing: [] }).offsetC).toBeCloseTo(-6, 9);
  });

  test('a pressing tells how far the plate drops and when it is back', () => {
    // a plate that loses 14 °C at once and comes back by half every 15 s: within 2 °C after 15·log2(7) = 42.1 s
    const course = Array.from({ length: 91 }, (_, s) => ({
      s: s + 5,
      plateC: s === 0 ? 200 : 200 - 14 * 0.5 ** ((s - 1) / 15),
    }));
    const { dropC, recoverS, offsetC } = learnedFrom({ places: [], pressing: course });
    expect(dropC).toBeCloseTo(14, 9);
    expect(recoverS).toBe(1 + Math.ceil(15 * Math.log2(7)));
    expect(offsetC).toBeNull();
  });

  test('two moments tell nothing, and a plate that does not come back is not said to', () => {
    const pressing = [200, 190, 191].map((plateC, s) => ({ s: 10 * s, plateC }));
    expect(learnedFrom({ places: [], pressing }).recoverS).toBeNull();
    expect(learnedFrom({ places: [], pressing: pressing.slice(0, 2) }).dropC).toBeNull();
  });
});

test('a machine is as its readings say, within what it can be told; what they do not say stays', () => {
  const machine = press(null, { displayOffsetC: 3, dropC: 4, recoverS: 20 });
  expect(withReadings(machine, { places: [], pressing: [] })).toEqual(machine);
  const far = withReadings(
    machine,
    grid(() => -90),
  );
  expect(far).toMatchObject({ displayOffsetC: -60, dropC: 4, recoverS: 20 });
  expect(far.readings?.places).toHaveLength(49);
  const pressing = [200, 130, 199].map((plateC, s) => ({ s: 10 * s, plateC }));
  expect(withReadings(machine, { places: [], pressing })).toMatchObject({
    ...{ displayOffsetC: 3, dropC: 40, recoverS: 20 },
  });
});

describe('the map of a plate', () => {
  test('never says more than was read, and what was read at its places', () => {
    const readings = grid((x) => x / 20 - 10);
    const at = unevenness(readings, plate);
    if (!at) throw new Error('a grid makes a map');
    const { offsetC } = learnedFrom(readings);
    for (const { xMm, yMm, displayC, plateC } of readings.places)
      expect(Math.abs(at(xMm, yMm) - (plateC - displayC - (offsetC ?? 0)))).toBeLessThan(1);
    for (let x = 0; x <= 400; x += 25) expect(Math.abs(at(x, 150))).toBeLessThanOrEqual(10);
  });

  test('a cool left third is left out of what is pressed with, the border too', () => {
    const even = evenPart(press(grid((x) => (x < 133 ? -12 : 0))));
    // between the last cool reading and the first good one, wherever the map crosses 5 °C
    expect(even?.x).toBeGreaterThan(85);
    expect(even?.x).toBeLessThan(150);
    expect((even?.x ?? 0) + (even?.width ?? 0)).toBeCloseTo(390, 6);
    expect(even?.height).toBeCloseTo(280, 6);
  });

  test('no part of it differs by more than 5 °C, whatever the plate', () => {
    const readings = grid((x, y) => 18 * Math.sin(x / 70) * Math.cos(y / 50), 9);
    const machine = press(readings);
    const [at, even] = [unevenness(readings, plate), evenPart(machine)];
    if (!at || !even) throw new Error('a grid makes a map');
    for (let i = 0; i <= 20; i++)
      for (let j = 0; j <= 20; j++) {
        const off = at(even.x + (even.width * i) / 20, even.y + (even.height * j) / 20);
        // the map is looked at by cells of 1/30 of the plate
        expect(Math.abs(off)).toBeLessThan(6.5);
      }
  });

  test('three places make no map; the whole plate within its border counts, also where all are alike', () => {
    const three = { ...grid(() => 3), places: grid((x) => x / 20).places.slice(0, 3) };
    const whole = { widthMm: 380, heightMm: 280 };
    for (const readings of [null, three, grid(() => -8)])
      expect(effectivePlate(press(readings))).toEqual({
        widthMm: expect.closeTo(whole.widthMm, 6) as number,
        heightMm: expect.closeTo(whole.heightMm, 6) as number,
      });
    expect(evenPart(press(null, { coolBorderMm: inches(6) }))).toBeNull();
  });
});

describe('measurings of a plate over time', () => {
  const day = (n: number) => new Date(Date.UTC(2026, 0, n, 12));
  const measuredAt = (machine: Machine, errorC: number, n: number, displayC = 200): Machine => {
    const { places } = grid(() => errorC, 3);
    const readings = {
      places: places.map((each) => ({ ...each, displayC, plateC: displayC + errorC })),
      pressing: [],
    };
    return withMeasuring(withReadings(machine, readings), machine, day(n));
  };

  test('each is kept once; on the same day it is put right, and kept as it is it is none', () => {
    const once = measuredAt(press(null), -2, 1);
    expect(once.measured).toEqual([{ at: day(1).toISOString(), displayC: 200, offsetC: -2 }]);
    expect(withMeasuring(once, once, day(9)).measured).toHaveLength(1);
    expect(measuredAt(once, -3, 1).measured.map(({ offsetC }) => offsetC)).toEqual([-3]);
    expect(measuredAt(once, -3, 2).measured.map(({ offsetC }) => offsetC)).toEqual([-2, -3]);
  });

  test('a plate that has begun to read low is told; what a thermometer errs by, or another heat, is not', () => {
    const before = [1, 10, 20].reduce((m, n, i) => measuredAt(m, -1 - i, n), press(null));
    expect(plateDriftIn(before.measured)).toBeNull();
    expect(plateDriftIn(measuredAt(before, -6, 90).measured)).toBeNull();
    expect(plateDriftIn(measuredAt(before, -12, 90, 150).measured)).toBeNull();
    const low = plateDriftIn(measuredAt(before, -12, 90).measured);
    expect(low).toMatchObject({ to: 'cooler', before: { offsetC: -2 }, lately: { offsetC: -12 } });
    expect(plateDriftIn(measuredAt(before, 8, 90).measured)?.to).toBe('hotter');
  });
});
