import { artwork, jobOn, shelf } from '@tests/support/jobs';
import { planJob } from '../plan';
import { withTransfer } from '../shelf';
import { figureSources, ownFigures, readPacket, withPacket } from '.';

const PACKET = `Print on the side without the grid. Mirror the picture.
Pre-press 5 seconds. Press the film for 9 seconds at 390 °F with firm pressure.
Up to 4 x 4 in: 40 seconds. Up to 8 × 10 in: 75 s. Cold peel.
Wash inside out at 30 °C, no softener.`;
const kept = withPacket(null, 'film-white', 'plate-press', readPacket(PACKET));

test('everything a packet says is kept with the product, its figures for the machine', () => {
  expect(kept).toMatchObject({
    transfer: 'film-white',
    peel: 'cold',
    mirrored: true,
    side: 'Print on the side without the grid',
    wash: 'Wash inside out at 30 °C, no softener',
  });
  expect(kept.figures).toHaveLength(1);
  const [figures] = kept.figures;
  expect(figures).toMatchObject({
    machineId: 'plate-press',
    prePressS: 5,
    filmS: 9,
    pressure: 'firm',
  });
  expect(figures?.temperatureC).toBeCloseTo(198.9, 1);
  expect(figures?.times.map(({ dwellS }) => dwellS)).toEqual([40, 75]);
  expect(figures?.times[1]?.heightMm).toBeCloseTo(254, 6);
});

test('what a second packet does not say stays; another machine has figures of its own', () => {
  const more = withPacket(kept, 'film-white', 'plate-press', readPacket('Press 55 seconds.'));
  expect(more).toMatchObject({ peel: 'cold', wash: kept.wash });
  expect(more.figures[0]).toMatchObject({ dwellS: 55, prePressS: 5 });
  const iron = withPacket(kept, 'film-white', 'iron', readPacket('Press 55 seconds.'));
  expect(iron.figures.map(({ machineId }) => machineId)).toEqual(['plate-press', 'iron']);
});

test('sources stand side by side, the person’s own first, then the maker’s, then the usual', () => {
  const job = withTransfer(jobOn('tee-navy', artwork()), 'film-white', shelf);
  const { tools, press } = planJob(
    { ...job, heat: { ...job.heat, machineId: 'plate-press' } },
    shelf,
  );
  const key = { blankId: job.blank.id, transfer: job.transfer, machineId: 'plate-press' };
  const own = ownFigures({
    ...{ ...key, temperatureC: 200, dwellS: 45, pressure: null },
    origin: 'own log',
  });
  const sources = figureSources({
    ...{ machine: tools.machine, blank: job.blank, transfer: job.transfer, school: 'A' },
    ...{ areaMm2: 90 * 90, figures: [own], product: kept },
  });
  expect(sources.map(({ from, dwellS }) => [from, dwellS])).toEqual([
    ['yours', 45],
    ['maker', 40],
    ['usual', press.settings.dwellS],
  ]);
});
