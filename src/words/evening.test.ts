import { BUILT_IN_SHELF } from '@/core/shelf';
import type { EveningPlan, MachineOf } from '@/core/evening';
import { aloneWords, reasonWords, setWords, worthWords } from '.';

const units = { length: 'in', temperature: '°F' } as const;
const named = (id: string) => {
  const machine = BUILT_IN_SHELF.machines.find((each) => each.id === id);
  if (!machine) throw new Error(`no ${id} on the shelf`);
  return machine;
};

test('a press that waits though it could begin is told with its reason', () => {
  const machine = named('plate-press');
  const made = {
    evening: { pieces: [], machines: [], people: [] },
    loads: [],
    machines: [{ machine, fitted: [machine], heats: [190], off: null }],
  };
  expect(reasonWords({ code: 'put-off', machine: 0 }, made, units)).toBe(
    `“${machine.name}” is loaded a little later than it could be: its end would come in the middle of other work.`,
  );
});

test('a machine is set, switched on, or wears another part: off and cold in between', () => {
  const [machine, part] = [named('plate-press'), named('cap-attachment')];
  const of: MachineOf = {
    ...{ machine, fitted: [part, machine, machine, machine], off: 3 },
    heats: [190, 150, 200, 21],
  };
  expect(setWords(of, { from: null, setting: 0 }, units)).toBe(
    `Unplugged and cold, fit “${part.name}”; switch it on and set it to 374 °F`,
  );
  expect(setWords(of, { from: null, setting: 1 }, units)).toBe('Switch it on and set it to 302 °F');
  expect(setWords(of, { from: 1, setting: 2 }, units)).toBe('Set it to 392 °F');
  expect(setWords(of, { from: 2, setting: 3 }, units)).toMatch(/^Switch it off and let it go cold/);
  expect(setWords(of, { from: 3, setting: 2 }, units)).toBe(
    `Unplugged and cold, fit “${machine.name}”; switch it on and set it to 392 °F`,
  );
  const one: MachineOf = { machine, fitted: [machine], heats: [null], off: null };
  expect(setWords(one, { from: null, setting: 0 }, units)).toBe('Switch it on');
});

test('what a plan is worth: against one after another, and how good it can be said to be', () => {
  const plan: EveningPlan = {
    schedule: { placed: [], changes: [], endS: 3600 },
    ...{ boundS: 3000, inTurnS: 7200, looks: 1, order: new Int32Array(0) },
    ...{ priceS: null, allTried: false },
  };
  expect(worthWords(plan)).toBe(
    '1 h instead of 2 h one after another. No plan can be shorter than 50 min.',
  );
  expect(worthWords({ ...plan, allTried: true })).toMatch(/Every order of the work was tried/);
  expect(worthWords({ ...plan, boundS: 3600 })).toMatch(/No plan can be shorter\.$/);
});

test('a job by itself: how many, how long, and what is left for another time', () => {
  const plan = { schedule: { placed: [], changes: [], endS: 1740 }, inTurnS: 2400 };
  expect(aloneWords(1, { ...plan, inTurnS: 1740 }, 0)).toBe('About 29 min.');
  expect(aloneWords(2, plan, 0)).toBe(
    '2 things, about 29 min instead of 40 min one after another.',
  );
  expect(aloneWords(120, plan, 30)).toMatch(/ 30 more are left for another time\.$/);
});
