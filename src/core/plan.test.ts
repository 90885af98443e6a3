import { artwork, blankOf, jobOn, shelf } from '@tests/support/jobs';
import { facesOf } from './blank';
import { withArt, withBlank } from './job';
import { onPass, passIds, seenFrom } from './model';
import { planJob, planSeenFrom } from './plan';
import { withPass } from './shelf';
import { applyFix } from './check';

const print = artwork({ storedWidthPx: 2400, storedHeightPx: 2400 });
const star = artwork({
  sha256: 'b'.repeat(64),
  name: 'star.svg',
  storedWidthPx: 900,
  storedHeightPx: 900,
});

/** A dyed tee with a vinyl star over the print, pressed by one plate press. */
function dyeAndVinyl() {
  const tee = jobOn('tee', print);
  const dyed = { ...tee, heat: { ...tee.heat, machineId: 'plate-press' } };
  return onPass(withPass(dyed, 'v', 'vinyl', shelf), 'v', (seen) => {
    const starred = withArt(seen, star, 'star');
    const sizing = { mode: 'exact', widthMm: 60, heightMm: 60, locked: true } as const;
    return { ...starred, placements: starred.placements.map((each) => ({ ...each, sizing })) };
  });
}

// dye first and cut vinyl over it, with the vinyl’s own art, cut and place
const job = dyeAndVinyl();
const plan = planJob(job, shelf);
const vinyl = planSeenFrom(plan, 'v');

test('each pass has its own pieces, on its own sheets', () => {
  const artsOf = ({ pieces }: typeof plan) =>
    pieces.flatMap(({ arts }) => arts.map(({ artSha256 }) => artSha256));
  expect(artsOf(plan)).toEqual([print.sha256]);
  expect(artsOf(vinyl)).toEqual([star.sha256]);
  expect([plan.tools.paper.is, vinyl.tools.paper.is]).toEqual(['paper', 'ready-made']);
  expect(vinyl.sheets.flatMap(({ items }) => items)).toHaveLength(1);
  expect(planSeenFrom(plan, 'nobody')).toBe(plan);
});

test('the hotter is pressed first, each by its own time and where its own art lies', () => {
  const { passes, program } = plan.press;
  expect(passes.map(({ transfer }) => transfer)).toEqual(['sublimation', 'vinyl']);
  expect(plan.layers.map(({ passId }) => passId)).toEqual(['first', 'v']);
  expect([plan.press.settings.dwellS, vinyl.press.settings.dwellS]).toEqual([60, 15]);
  const [dyed, stuck] = passes.map(({ sides }) => sides[0]?.region);
  expect(dyed).not.toEqual(stuck);
  // one machine: switched on once, then reset
  const kinds = program.operations.map(({ kind, does }) => `${kind} ${does}`);
  expect(kinds.filter((kind) => kind.startsWith('switch-on'))).toHaveLength(1);
  expect(kinds).toContain('warm-up reset-heat');
  expect(plan.press.program).toBe(vinyl.press.program);
});

test('a pass on another machine has that one switched on and warmed', () => {
  const apart = onPass(job, 'v', (seen) => ({
    ...seen,
    heat: { ...seen.heat, machineId: 'hand-press' },
  }));
  const { passes, operations } = planJob(apart, shelf).press.program;
  expect(passes.map(({ machineId }) => machineId)).toEqual(['plate-press', 'hand-press']);
  const on = operations.filter(({ kind }) => kind === 'switch-on');
  expect(on.map(({ pass }) => pass)).toEqual([0, 1]);
  const warm = operations.filter(({ kind }) => kind === 'warm-up');
  expect(warm.map(({ startsAfter }) => startsAfter)).toEqual(on.map(({ id }) => id));
});

test('a second vinyl in another colour is a pass of its own', () => {
  const two = planJob(withPass(job, 'w', 'vinyl', shelf), shelf);
  expect(two.press.passes).toHaveLength(3);
  const ids = two.press.program.operations.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  // it has no picture here: that is said, and it is pressed where the dye lies
  expect(two.checks.filter(({ code }) => code === 'pass-empty')).toMatchObject([
    { passId: 'w', level: 'note', station: 'art' },
  ]);
  expect(two.press.passes.find(({ id }) => id === 'w')?.sides).toHaveLength(1);
});

test('what is found at both passes alike is said once; a way out is taken where it was found', () => {
  const codes = plan.checks.map(({ code, facts }) => `${code} ${JSON.stringify(facts)}`);
  expect(new Set(codes).size).toBe(codes.length);
  const coarse = onPass(job, 'v', (seen) => ({ ...seen, cut: { ...seen.cut, marginMm: 9 } }));
  const found = planJob(coarse, shelf).checks.find(({ code }) => code === 'cut-too-wide');
  expect(found).toMatchObject({ passId: 'v', id: 'v.cut-too-wide' });
  const [fix] = found?.fixes ?? [];
  if (!fix) throw new Error('no way out');
  const mended = onPass(coarse, 'v', (seen) => applyFix(seen, fix, shelf));
  expect(seenFrom(mended, 'v').cut.marginMm).toBe(0);
  expect(mended.cut).toEqual(job.cut);
  expect(planJob(mended, shelf).checks.map(({ code }) => code)).not.toContain('cut-too-wide');
});

test('on another blank every pass keeps its pictures, put where that blank has room', () => {
  const tote = withBlank(job, blankOf('tote'), shelf);
  const faceIds = facesOf(tote.blank).map(({ id }) => id);
  for (const id of passIds(tote)) {
    const { placements } = seenFrom(tote, id);
    expect(placements).toHaveLength(1);
    expect(faceIds).toContain(placements[0]?.faceId);
  }
  const on = planJob(tote, shelf);
  expect([on, planSeenFrom(on, 'v')].map(({ pieces }) => pieces.length)).toEqual([1, 1]);
});
