import fc from 'fast-check';
import { artwork, blankOf, jobOn, mugJob, shelf } from '@tests/support/jobs';
import { anyShelf } from '@tests/support/shelves';
import { TRANSFER_KINDS, type Job, type Shelf } from '../model';
import { planJob, type JobPlan } from '../plan';
import { ownFigures } from '../press';
import { adoptTools, EMPTY_SHELF, figuresClashes, mergeShelves, shelfFor, withTransfer } from '.';

const ids = () => {
  let n = 0;
  return () => `new-${++n}`;
};
const figures = (machineId: string, temperatureC: number, dwellS: number) =>
  ownFigures({
    ...{ blankId: 'mug-12oz', transfer: 'sublimation', machineId },
    ...{ temperatureC, dwellS, pressure: null, origin: 'own log' },
  });
const onOven = (job: Job): Job => ({ ...job, heat: { ...job.heat, machineId: 'oven' } });
const withFigures = (...own: ReturnType<typeof figures>[]): Shelf => ({ ...shelf, figures: own });

/** What a plan comes to: all of it but findings, of which some speak of what else is on the shelf. */
const meaning = ({ checks, ...plan }: JobPlan) => ({
  ...plan,
  // what is offered instead is each side's own
  stops: checks.filter(({ level }) => level === 'stop').map(({ id, facts }) => ({ id, facts })),
});

/** A shelf with its tools called as those of another job are, so that plans can be compared. */
function calledAs(from: Shelf, job: Job, as: Job, on: Shelf): Shelf {
  const call = <T extends { id: string; name: string }>(
    things: readonly T[],
    others: readonly T[],
    id: string,
    next: string,
  ): T[] =>
    things.flatMap((each) =>
      each.id === id
        ? [{ ...each, id: next, name: others.find((one) => one.id === next)?.name ?? '' }]
        : [],
    );
  return {
    ...EMPTY_SHELF,
    papers: [
      ...call(from.papers, on.papers, job.sheet.paperId, as.sheet.paperId),
      ...call(from.papers, on.papers, job.sheet.filmId, as.sheet.filmId),
    ],
    printers: call(from.printers, on.printers, job.sheet.printerId, as.sheet.printerId),
    machines: call(from.machines, on.machines, job.heat.machineId, as.heat.machineId),
    figures: from.figures.flatMap((each) =>
      each.machineId === job.heat.machineId ? [{ ...each, machineId: as.heat.machineId }] : [],
    ),
  };
}

test('the receiver’s own job is pressed as before; the incoming one as where it comes from', () => {
  // 360 °F and 200 s here, 410 °F and 300 s there, on the same oven
  const ours = withFigures(figures('oven', 182, 200));
  const theirs = withFigures(figures('oven', 210, 300));
  const job = onOven(mugJob());
  expect(figuresClashes(job, theirs, ours)).toMatchObject([
    { mine: { dwellS: 200 }, theirs: { dwellS: 300 } },
  ]);
  const sent = adoptTools(job, shelfFor(job, theirs), ours, ids(), 'as sent');
  const after = mergeShelves(ours, sent.add);
  expect(planJob(onOven(mugJob()), after).press.settings).toMatchObject({ dwellS: 200 });
  expect(planJob(sent.job, after).press.settings).toMatchObject({ dwellS: 300, temperatureC: 210 });
  expect(sent.add.machines).toMatchObject([{ name: 'Convection oven 2' }]);

  const mine = adoptTools(job, shelfFor(job, theirs), ours, ids(), 'mine');
  expect(mine.add).toEqual(EMPTY_SHELF);
  expect(planJob(mine.job, ours).press.settings).toMatchObject({ dwellS: 200 });
});

test('figures on one side alone are a clash too: the usual ones are figures as well', () => {
  const job = onOven(mugJob());
  const own = withFigures(figures('oven', 182, 200));
  expect(figuresClashes(job, shelf, own)).toHaveLength(1);
  expect(figuresClashes(job, own, shelf)).toHaveLength(1);
  expect(figuresClashes(job, own, own)).toEqual([]);
});

test('figures of a machine that comes in are kept under its new id', () => {
  const [oven] = shelf.machines.filter(({ id }) => id === 'oven');
  if (!oven) throw new Error('no oven');
  const theirs = {
    ...withFigures(figures('oven', 210, 300)),
    machines: [{ ...oven, displayOffsetC: -8 }],
  };
  const { job, add } = adoptTools(onOven(mugJob()), theirs, shelf, ids());
  expect(add.figures).toMatchObject([{ machineId: job.heat.machineId, dwellS: 300 }]);
  expect(job.heat.machineId).not.toBe('oven');
});

const anyJob: fc.Arbitrary<Job> = fc
  .record({
    blank: fc.constantFrom('mug-12oz', 'tee', 'medallion', 'tote', 'tumbler-20oz'),
    transfer: fc.constantFrom(...TRANSFER_KINDS),
    paperId: fc.constantFrom(...shelf.papers.map(({ id }) => id)),
    machineId: fc.constantFrom(...shelf.machines.map(({ id }) => id)),
  })
  .map(({ blank, transfer, paperId, machineId }) => {
    const on = { ...blankOf(blank), id: 'mug-12oz' };
    const job = withTransfer({ ...jobOn(blank, artwork()), blank: on }, transfer, shelf);
    return {
      ...job,
      sheet: { ...job.sheet, paperId },
      heat: { ...job.heat, machineId },
    };
  });

test('over any two shelves the plan is the same on both sides, and nothing of the receiver’s changes', () => {
  fc.assert(
    fc.property(
      anyJob,
      anyJob,
      anyShelf('mug-12oz'),
      anyShelf('mug-12oz'),
      (job, own, theirs, ours) => {
        const { job: adopted, add } = adoptTools(job, shelfFor(job, theirs), ours, ids());
        const after = mergeShelves(ours, add);
        expect(meaning(planJob(adopted, after))).toEqual(
          meaning(planJob(adopted, calledAs(theirs, job, adopted, after))),
        );
        expect(planJob(own, after).press).toEqual(planJob(own, ours).press);
        for (const list of ['papers', 'printers', 'machines', 'cutters', 'figures'] as const)
          expect(after[list]).toEqual(expect.arrayContaining([...ours[list]]));
      },
    ),
    { numRuns: 60 },
  );
});
