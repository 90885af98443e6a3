import { artwork, factsWith, jobOn, shelf } from '@tests/support/jobs';
import { TRANSFER_KINDS, type Job } from '../model';
import { planJob } from '../plan';
import { withTransfer } from '../shelf';
import { applyFix, type Check } from '.';

/** Findings that another machine or transfer gets round. */
const ROUND = ['no-recipe', 'iron-dye', 'machine-range', 'blank-colour', 'polyester'];
const stopsOf = (job: Job): Check[] =>
  planJob(job, shelf).checks.filter(({ level }) => level === 'stop');
const picture = artwork({ storedWidthPx: 2400, storedHeightPx: 2400 });

test('an iron on a navy tee has a way: paper made for it', () => {
  const tee = jobOn('tee-navy', picture);
  const ironed = { ...tee, heat: { ...tee.heat, machineId: 'iron' } };
  const [stop] = stopsOf(ironed).filter(({ code }) => code === 'iron-dye');
  expect(
    stop?.fixes.map(({ code, args }) => [code, ...Object.values(args as object)]),
  ).toContainEqual(['use-transfer', 'dark-paper']);
  const [paper] = stop?.fixes.filter(({ code }) => code === 'use-transfer') ?? [];
  if (!paper) throw new Error('no way out');
  const mended = applyFix(ironed, paper, shelf);
  expect(mended.heat.machineId).toBe('iron');
  expect(stopsOf(mended)).toEqual([]);

  const { recipe } = planJob(mended, shelf).tools;
  expect(recipe).toMatchObject({
    id: 'dark-paper-iron',
    temperatureC: null,
    origin: 'from memory',
  });
});

test('whatever is stopped, each way that is offered plans without a stop', () => {
  const blanks = ['tee', 'tee-navy', 'mug-12oz', 'medallion'];
  const offered = { ways: 0, stopped: 0 };
  const still: string[] = [];
  for (const blankId of blanks)
    for (const transfer of TRANSFER_KINDS)
      for (const { id: machineId } of shelf.machines) {
        const on = jobOn(blankId, picture);
        const job = { ...on, transfer, heat: { ...on.heat, machineId } };
        for (const stop of stopsOf(job).filter(({ code }) => ROUND.includes(code))) {
          offered.stopped += 1;
          for (const fix of stop.fixes) {
            offered.ways += 1;
            const left = stopsOf(applyFix(job, fix, shelf)).filter(({ code }) =>
              ROUND.includes(code),
            );
            if (left.length > 0)
              still.push(
                [blankId, transfer, machineId, stop.code, JSON.stringify(fix.args)].join(' ') +
                  ` → ${left.map(({ code }) => code).join()}`,
              );
          }
        }
      }
  expect(still).toEqual([]);
  expect(offered.stopped).toBeGreaterThan(100);
  expect(offered.ways).toBeGreaterThan(offered.stopped);
});

test('opaque paper cut straight leaves a white box round the picture; along its outline it does not', () => {
  const silhouette: [number, number][][] = [
    [
      [0.1, 0.1],
      [0.9, 0.1],
      [0.5, 0.9],
    ],
  ];
  const moon = artwork({ transparentShare: 0.4, facts: factsWith({ silhouette }) });
  const chosen = withTransfer(jobOn('tee-navy', moon), 'dark-paper', shelf);
  // chosen as a transfer it is cut along its outline by itself; somebody changed that
  expect(chosen.cut.line).toBe('contour');
  const tee = { ...chosen, cut: { ...chosen.cut, line: 'edge' as const } };
  const found = planJob(tee, shelf).checks.find(({ code }) => code === 'white-box');
  expect(found).toMatchObject({ level: 'warn', facts: { transfer: 'dark-paper' } });
  const [fix] = found?.fixes ?? [];
  if (!fix) throw new Error('no way out');
  const mended = planJob(applyFix(tee, fix, shelf), shelf);
  expect(mended.checks.map(({ code }) => code)).not.toContain('white-box');
  // a picture that fills its box, and dye, which lets the blank show, have none
  for (const job of [
    withTransfer(jobOn('tee-navy', picture), 'dark-paper', shelf),
    jobOn('tee', moon),
  ])
    expect(planJob(job, shelf).checks.map(({ code }) => code)).not.toContain('white-box');
});
