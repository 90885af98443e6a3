import { eveningCalled, SEVEN, thingsCalled } from '@tests/support/demoEvenings';
import { faultsIn } from '@tests/support/evenings';
import { pressed } from '@tests/support/simulatedHands';
import { eveningSchema, type EveningRun } from '../../model';
import { BUILT_IN_SHELF } from '../../shelf';
import { randomOf } from '../../random';
import {
  addThings,
  assembledOf,
  beginEvening,
  breakFrom,
  dropped,
  goesAway,
  guideAt,
  openedEarly,
  passedOver,
  progressOf,
  reads,
  remainingOf,
  replanned,
  takenBack,
  takenUp,
  touched,
  type Act,
} from '.';

const at = (s: number) => new Date(SEVEN.getTime() + 1000 * s);

/** Does what one person is told for so long, everything in its usual time, bells at once. */
function worked(run: EveningRun, untilS: number): EveningRun {
  const made = assembledOf(run);
  let [now, s] = [run, 0];
  while (s < untilS) {
    now = takenUp(made, now, 0, at(s));
    const guide = guideAt(made, now, s);
    const act = guide.now[0] as Act;
    const state = 'piece' in act ? guide.progress.pieces[act.piece] : undefined;
    const step =
      'step' in act ? made.loads[act.piece]?.blocks[act.block]?.steps[act.step] : undefined;
    if (act.does === 'work' && s < (state?.begunS ?? s) + (step?.beforeS ?? 0)) s += 5;
    else if (['wait', 'hold', 'finished'].includes(act.does)) s += 5;
    else now = touched(made, now, 0, at(s));
  }
  return now;
}

test('hand work is laid aside at a bell, which is answered first, and then gone on with', () => {
  const begun = eveningCalled({ 'demo-moons': 2 });
  const made = assembledOf(begun);
  let [run, s] = [worked(begun, 15 * 60), 15 * 60];
  while (guideAt(made, run, s).clocks.length === 0 && s < 4 * 3600) {
    s += 30;
    run = worked(begun, s);
  }
  const [clock] = guideAt(made, run, s).clocks;
  if (!clock) throw new Error('nothing was ever put into the oven');
  const guide = guideAt(made, run, clock.bellS + 1);
  expect(guide.now[0]).toMatchObject({ does: 'open', piece: clock.piece });
  // the sleeve comes off at once
  const opened = touched(made, run, 0, at(clock.bellS + 4));
  const [next] = guideAt(made, opened, clock.bellS + 4).now;
  expect(next).toMatchObject({ does: 'work', piece: clock.piece, step: clock.step + 1 });
  expect(opened.events.filter(({ kind }) => kind === 'ended').at(-1)).toMatchObject({
    ...{ piece: clock.piece, at: at(clock.bellS + 4).toISOString() },
  });
});

test('a touch that another tab was before counts once; taken back, it never was', () => {
  const begun = eveningCalled({ 'demo-comet': 2 });
  const made = assembledOf(begun);
  const on = touched(made, begun, 0, at(1));
  const once = touched(made, on, 0, at(60));
  const ended = once.events.find(({ kind }) => kind === 'ended');
  if (!ended) throw new Error('nothing was ended');
  const twice = { ...once, events: [...once.events, ended] };
  expect(progressOf(made, twice, 90)).toEqual(progressOf(made, once, 90));
  expect(takenBack(once).events).toEqual(on.events);
  // one touch of several, and what was wished before any
  expect(takenBack(once, at(1).toISOString()).events).toEqual(once.events.slice(on.events.length));
  const wished = goesAway(begun, 0, { inS: 600, lastsS: 300 }, SEVEN);
  expect(takenBack(wished)).toEqual(wished);
});

test('what a display says on the way moves when the machine is ready; arrived, it is ready at once', () => {
  const begun = eveningCalled({ 'demo-tee': 1 });
  const made = assembledOf(begun);
  const [of] = made.machines;
  const heat = of?.heats[0] ?? 0;
  const id = of?.machine.id ?? '';
  const set: EveningRun = {
    ...begun,
    events: [{ kind: 'set', at: at(0).toISOString(), person: 0, machineId: id, heatC: heat }],
  };
  const ready = (run: EveningRun) => progressOf(made, run, 200).machines[0]?.readyS ?? 0;
  expect(ready(set)).toBeGreaterThan(200);
  // half of the way in 200 s: 200 s more
  const half = 21 + (heat - 21) / 2;
  expect(ready(reads(set, id, half, at(200)))).toBeCloseTo(400, 6);
  expect(ready(reads(set, id, heat, at(200)))).toBe(200);
});

test('an oven on its way to a heat that is not wanted any more is turned down at once, by how hot it is by then', () => {
  const begun = eveningCalled({ 'demo-moons': 1, 'demo-tumbler': 1 });
  const made = assembledOf(begun);
  const m = made.machines.findIndex(({ heats }) => heats.length === 2);
  const [cool = 0, hot = 0] = (made.machines[m]?.heats ?? []).map(Number);
  const id = made.machines[m]?.machine.id ?? '';
  const set = (s: number, heatC: number) => ({
    ...{ kind: 'set' as const, at: at(s).toISOString(), person: 0, machineId: id, heatC },
  });
  const run: EveningRun = { ...begun, events: [set(0, hot)] };
  const half = (progressOf(made, run, 0).machines[m]?.readyS ?? 0) / 2;
  const left = remainingOf(made, progressOf(made, run, half), half).evening;
  expect(left.machines[m]?.turning?.[0]?.thenS).toBeLessThan(half);
  // turned down on its way it is there sooner than from the hot end
  const turned = { ...run, events: [...run.events, set(half, cool)] };
  const [on, down] = [run, turned].map((each) => progressOf(made, each, half).machines[m]);
  expect(down?.readyS).toBeLessThan(on?.readyS ?? 0);
  expect(down?.c).toBeCloseTo(21 + (hot - 21) / 2, 6);
  const { schedule } = guideAt(made, turned, half);
  expect(
    faultsIn(remainingOf(made, progressOf(made, turned, half), half).evening, schedule),
  ).toEqual([]);
  // once there, setting it cooler takes what cooling takes
  const there = remainingOf(made, progressOf(made, run, 4 * half), 4 * half).evening;
  expect(there.machines[m]?.turning).toBeNull();
});

test('a press whose part is changed in mid-evening goes cold first; everything is pressed all the same', () => {
  const apart = eveningCalled({ 'demo-comet': 1, 'demo-tee': 1 });
  const [part, press] = apart.programs.map(({ passes }) => passes[0]?.machineId ?? '');
  const machines = apart.machines.map((each) =>
    each.id === part ? { ...each, onPress: press ?? null } : each,
  );
  const setUp = { machines, people: 1, standing: 4, before: [] };
  const run = beginEvening(thingsCalled({ 'demo-comet': 1, 'demo-tee': 1 }), setUp, null, SEVEN);
  const made = assembledOf(run);
  const { off = null, machine } = made.machines[0] ?? {};
  expect(made.machines).toHaveLength(1);
  expect(machine?.id).toBe(press);
  // switched off on its way up it is cold no later than from the top
  const set = (s: number, machineId: string, heatC: number) => ({
    ...{ kind: 'set' as const, at: at(s).toISOString(), person: 0, machineId, heatC },
  });
  const bare = made.machines[0]?.fitted.findIndex(({ id }, i) => id === press && i !== off) ?? -1;
  const heats = (made.machines[0]?.heats ?? []).map(Number);
  const onWay: EveningRun = {
    ...run,
    events: [set(0, press ?? '', heats[bare] ?? 0), set(60, press ?? '', heats[off ?? -1] ?? 0)],
  };
  expect(progressOf(made, onWay, 60).machines[0]?.readyS).toBe(60 + 1500);
  const done = worked(run, 4 * 3600);
  expect(guideAt(made, done, 4 * 3600).now).toEqual([{ does: 'finished' }]);
  const sets = done.events.filter((event) => event.kind === 'set');
  expect(sets.map(({ machineId }) => machineId)).toEqual(
    expect.arrayContaining([part ?? '', press ?? '']),
  );
  const cools = sets.findIndex(({ heatC }) => heatC === made.machines[0]?.heats[off ?? -1]);
  const gap = (i: number) => Date.parse(sets[i + 1]?.at ?? '') - Date.parse(sets[i]?.at ?? '');
  expect(gap(cools) / 1000).toBeGreaterThanOrEqual(1500);
});

test('a mug added in mid-evening has a load of its own: what is under way keeps its numbers', () => {
  const run = worked(eveningCalled({ 'demo-moons': 2, 'demo-coaster': 4 }), 1200);
  const before = assembledOf(run);
  const more = addThings(run, thingsCalled({ 'demo-moons': 1 }), BUILT_IN_SHELF.machines);
  const after = assembledOf(more);
  expect(after.loads.slice(0, before.loads.length)).toEqual(before.loads);
  expect(after.loads).toHaveLength(before.loads.length + 1);
  const progress = (made: typeof before, of: EveningRun) => progressOf(made, of, 1200).pieces;
  expect(progress(after, more).slice(0, -1)).toEqual(progress(before, run));
  expect(after.evening.machines).toHaveLength(before.evening.machines.length);
  // and it is pressed with the rest
  const { endS } = pressed(after, more, 1);
  expect(endS).toBeGreaterThan(1200);
});

test('a break is offered from when no bell rings in it; whoever is back sooner is planned with again', () => {
  const begun = eveningCalled({ 'demo-moons': 2 });
  const made = assembledOf(begun);
  expect(breakFrom(made, begun, 0, 480, 0)).toBe(0);
  let s = 1200;
  let run = worked(begun, s);
  while (guideAt(made, run, s).clocks.length === 0) run = worked(begun, (s += 30));
  const bell = guideAt(made, run, s).clocks[0]?.bellS ?? 0;
  const near = bell - 60;
  const from = breakFrom(made, run, 0, 480, near) ?? 0;
  expect(near + from).toBeGreaterThan(bell);
  const away = goesAway(run, 0, { inS: from, lastsS: 480 }, at(near));
  const spans = progressOf(made, away, near).away[0];
  expect(spans).toEqual([{ fromS: near + from, toS: near + from + 480 }]);
  // whoever is back sooner says so by a touch
  const resting = goesAway(begun, 0, { inS: 0, lastsS: 480 }, SEVEN);
  expect(guideAt(made, resting, 60).now).toEqual([{ does: 'rest', untilS: 480 }]);
  const sooner = touched(made, resting, 0, at(60));
  expect(progressOf(made, sooner, 60).away).toEqual([[{ fromS: 0, toS: 60 }]]);
  expect(guideAt(made, sooner, 61).now[0]?.does).not.toBe('rest');
});

test('a machine opened before its bell is over: its hands go on, and one step back closes it again', () => {
  const begun = eveningCalled({ 'demo-comet': 1 });
  const made = assembledOf(begun);
  let s = 600;
  let run = worked(begun, s);
  while (guideAt(made, run, s).clocks.length === 0 && s < 7200) run = worked(begun, (s += 30));
  const [clock] = guideAt(made, run, s).clocks;
  if (!clock) throw new Error('nothing was pressed');
  expect(clock.bellS).toBeGreaterThan(s + 20);
  const open = openedEarly(made, run, clock, 0, at(s + 20));
  const { clocks, progress } = guideAt(made, open, s + 20);
  expect(clocks).toEqual([]);
  expect(progress.pieces[clock.piece]).toMatchObject({ sinceS: s + 20 });
  expect(takenBack(open).events).toEqual(run.events);
});

test('what is passed over is not done; what is dropped is no longer planned', () => {
  const begun = eveningCalled({ 'demo-comet': 2 });
  const made = assembledOf(begun);
  const on = touched(made, begun, 0, SEVEN);
  const over = passedOver(made, on, 0, at(5));
  expect(over.events.map(({ kind }) => kind)).toEqual(['set', 'begun', 'skipped', 'begun']);
  const less = dropped(made, begun, 1, at(1));
  expect(remainingOf(made, progressOf(made, less, 2), 2).evening.pieces[1]?.blocks).toEqual([]);
  expect(guideAt(made, less, 2).endS).toBeLessThan(guideAt(made, begun, 2).endS);
});

test('planned anew at any moment of any evening, with breaks and things left out, no rule is broken', () => {
  const random = randomOf(5);
  let looked = 0;
  for (const people of [1, 2]) {
    const begun = eveningCalled({ 'demo-moons': 3, 'demo-layers': 1, 'demo-coaster': 6 }, people);
    const made = assembledOf(begun);
    for (let seed = 1; seed <= 4; seed++)
      pressed(made, begun, seed, (_made, run, nowS) => {
        if (random() < 0.6) return run;
        looked++;
        const when = at(nowS);
        const inS = breakFrom(made, run, 0, 300, nowS);
        const meddled =
          random() < 0.02 && inS !== null
            ? goesAway(run, 0, { inS, lastsS: 300 }, when)
            : random() < 0.01
              ? dropped(made, run, Math.floor(random() * made.loads.length), when)
              : run;
        const next = replanned(made, meddled, nowS, 20);
        const { remaining, schedule } = guideAt(made, next, nowS);
        expect(faultsIn(remaining.evening, schedule)).toEqual([]);
        return next;
      });
  }
  expect(looked).toBeGreaterThan(300);
});

test('a tee that is left out leaves its weeding out too', () => {
  const begun = eveningCalled({ 'demo-layers': 1 });
  const made = assembledOf(begun);
  expect(made.loads).toHaveLength(2);
  expect(guideAt(made, dropped(made, begun, 0, at(1)), 2).now).toEqual([{ does: 'finished' }]);
});

test('an evening under way is kept as it is read', () => {
  const run = worked(eveningCalled({ 'demo-comet': 1 }), 900);
  const wish = {
    ...{ people: 1, standing: 4, first: null, beginsAt: 1140 },
    ...{ endsBy: null, breaks: [], before: [] },
  };
  const kept = { jobIds: ['demo-comet'], wish, run };
  expect(eveningSchema.parse(JSON.parse(JSON.stringify(kept)))).toEqual(kept);
});
