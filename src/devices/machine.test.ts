import { eveningCalled, SEVEN } from '@tests/support/demoEvenings';
import { assembledOf, takenUp, touched } from '@/core/evening';
import type { EveningRun } from '@/core/model';
import { BUILT_IN_SHELF } from '@/core/shelf';
import { deviceAt, simulatedMachine } from '.';

const machine = (id: string) => {
  const found = BUILT_IN_SHELF.machines.find((each) => each.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

/** Seconds until a machine shows a heat, °C. */
function until(device: ReturnType<typeof simulatedMachine>, arrived: (c: number) => boolean) {
  let s = 0;
  while (!arrived(device.heat()) && s < 20_000) {
    device.after(1);
    s++;
  }
  return s;
}

test('a press warms up in about its time, holds its heat, and cools many times slower', () => {
  const press = simulatedMachine({ ...machine('plate-press'), warmUpS: 600 });
  press.set(200);
  const warm = until(press, (c) => c >= 199);
  expect(warm).toBeGreaterThan(480);
  expect(warm).toBeLessThan(720);
  press.after(1200);
  expect(Math.abs(press.heat() - 200)).toBeLessThan(3);
  press.set(150);
  expect(until(press, (c) => c <= 150)).toBeGreaterThan(5 * (warm * (50 / 180)));
});

test('a cold mug pulls its press down and it recovers; the display is off by what was measured', () => {
  const press = simulatedMachine({ ...machine('mug-press'), displayOffsetC: -8 });
  press.set(null);
  press.after(1800);
  const before = press.heat();
  // the plate reads 8 °C less than the display says
  expect(press.display() - press.heat()).toBeCloseTo(8, 0);
  press.close(1, 180);
  press.after(30);
  expect(before - press.heat()).toBeGreaterThan(3);
  expect(press.timer()).toBe(150);
  press.after(160);
  expect(press.timer()).toBe(-10);
  press.open();
  expect(press.timer()).toBeNull();
});

test('an oven dips while its door is open; what is put on a press is cold', () => {
  const oven = simulatedMachine(machine('oven'));
  oven.set(200);
  oven.after(3600);
  const before = oven.heat();
  oven.open();
  oven.after(20);
  expect(before - oven.heat()).toBeGreaterThan(15);
  oven.attach('cap-attachment');
  expect(oven.heat()).toBeLessThan(30);
  expect(oven.attachment()).toBe('cap-attachment');
});

test('the machine of an evening is what was done to it: set, it heats; a reload changes nothing', () => {
  const begun = eveningCalled({ 'demo-comet': 1 });
  const made = assembledOf(begun);
  const press = machine('mug-press');
  const set: EveningRun = touched(made, takenUp(made, begun, 0, SEVEN), 0, SEVEN);
  expect(set.events[0]).toMatchObject({ kind: 'set', machineId: 'mug-press' });
  const read = (s: number) => deviceAt(made, set, press, s).display();
  expect(read(0)).toBeLessThan(25);
  expect(read(120)).toBeGreaterThan(read(60));
  expect(read(120)).toBe(read(120));
  expect(deviceAt(made, begun, press, 600).heat()).toBeCloseTo(21, 6);
});
