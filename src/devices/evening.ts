import { operationAt, secondsIn, type Assembled } from '@/core/evening';
import { ROOM_C } from '@/core/traits';
import type { EveningEvent, EveningRun, Machine } from '@/core/model';
import { simulatedMachine, type Device } from './machine';

/** Whether two are parts of one press, or a part and its press. */
const isOnOnePress = ({ machines }: Assembled, one: string, other: string): boolean =>
  machines.some(({ fitted }) => [one, other].every((id) => fitted.some((each) => each.id === id)));

/** What an event of an evening does to a machine; nothing where it is none of its. */
function handle(made: Assembled, device: Device, id: string, event: EveningEvent): void {
  if (event.kind === 'set') {
    if (event.machineId === id) device.set(event.heatC);
    // another part is on its press, or it is off
    else if (isOnOnePress(made, event.machineId, id)) device.set(ROOM_C);
    return;
  }
  if (event.kind !== 'begun' && event.kind !== 'ended' && event.kind !== 'skipped') return;
  const use = made.evening.pieces[event.piece]?.blocks[event.block]?.use;
  const operation = operationAt(made, event);
  const on = use && made.machines[use.machine]?.fitted[use.setting]?.id === id;
  if (!on || !operation?.onMachine || operation.countedS === null) return;
  if (event.kind === 'begun')
    device.close(made.loads[event.piece]?.things.length ?? 1, operation.countedS);
  else device.open();
}

/**
 * The simulated machine of an evening as it stands at a moment: everything that was done to it, done again. So it is
 * the same after a reload and in every tab.
 * @param nowS seconds since the evening began.
 */
export function deviceAt(made: Assembled, run: EveningRun, machine: Machine, nowS: number): Device {
  const device = simulatedMachine(machine);
  let atS = 0;
  for (const event of run.events) {
    const s = secondsIn(run, event.at);
    if (s > nowS) break;
    device.after(s - atS);
    atS = s;
    handle(made, device, machine.id, event);
  }
  device.after(Math.max(0, nowS - atS));
  return device;
}
