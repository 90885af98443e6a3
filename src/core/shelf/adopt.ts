import { same, type Job, type OwnFigures, type Shelf } from '../model';
import { figuresFor } from '../press';
import { EMPTY_SHELF } from './builtIn';

interface Adopted {
  /** The job, pointing at tools that the shelf holds or is about to hold. */
  readonly job: Job;
  /** What has to be added to the shelf; nothing in it changes what the shelf's own jobs are pressed by. */
  readonly add: Shelf;
}

/** Own figures for the same blank, transfer and machine that differ; null where one side has none. */
export interface FiguresClash {
  readonly mine: OwnFigures | null;
  readonly theirs: OwnFigures | null;
}

/** The transfers a job is pressed by. */
const transfersOf = ({ transfer, heat }: Job) => [...new Set([transfer, ...heat.also])];

/** Figures as they count: what they are kept under aside. */
const counted = (figures: OwnFigures | null | undefined) =>
  figures
    ? [figures.temperatureC, figures.dwellS, figures.pressure, figures.origin].join('|')
    : 'none';

/**
 * Where a job from elsewhere would be pressed by other figures here than where it comes from, on a
 * machine both have. The person has to say which hold; without a clash there is nothing to ask.
 */
export function figuresClashes(job: Job, theirs: Shelf, ours: Shelf): readonly FiguresClash[] {
  const { machineId } = job.heat;
  const sent = theirs.machines.find(({ id }) => id === machineId);
  const known = ours.machines.find(({ id }) => id === machineId);
  if (!known || (sent && !same(sent, known))) return [];
  return transfersOf(job).flatMap((transfer) => {
    const key = { blankId: job.blank.id, transfer, machineId };
    const [mine, other] = [figuresFor(ours.figures, key), figuresFor(theirs.figures, key)];
    return counted(mine) === counted(other) ? [] : [{ mine: mine ?? null, theirs: other ?? null }];
  });
}

/** A name no other thing of the list has: with the first number behind it that is free. */
export function freeName(name: string, taken: readonly { name: string }[]): string {
  const names = new Set(taken.map((each) => each.name));
  if (!names.has(name)) return name;
  const base = name.replace(/ \d+$/, '').slice(0, 110);
  for (let nth = 2; ; nth++) if (!names.has(`${base} ${nth}`)) return `${base} ${nth}`;
}

/**
 * Brings a job from elsewhere onto a shelf: tools the shelf has already are used, new ones are
 * added, and one whose name is taken by something different gets a name of its own. The shelf's own
 * figures stay as they are; those that come in hold on the machine that comes in with them.
 * @param newId makes a fresh id.
 * @param figures where they clash (`figuresClashes`): `mine` presses the job by the shelf's own; `as sent`
 *   brings the machine in once more, so that the job is pressed as where it comes from.
 */
export function adoptTools(
  job: Job,
  theirs: Shelf,
  ours: Shelf,
  newId: () => string,
  figures: 'mine' | 'as sent' = 'as sent',
): Adopted {
  const adopt = <T extends { id: string; name: string }>(
    id: string,
    from: readonly T[],
    have: readonly T[],
    apart = false,
  ) => {
    const tool = from.find((each) => each.id === id);
    const known = have.find((each) => each.id === id);
    if (!tool || (known && !apart && same(tool, known))) return { id, add: [] };
    const own = { ...tool, id: known || apart ? newId() : id, name: freeName(tool.name, have) };
    return { id: own.id, add: [own] };
  };
  const paper = adopt(job.sheet.paperId, theirs.papers, ours.papers);
  const printer = adopt(job.sheet.printerId, theirs.printers, ours.printers);
  const { machineId } = job.heat;
  // figures may outlive their machine: one that comes in under its id must not find them
  const left =
    !ours.machines.some(({ id }) => id === machineId) &&
    ours.figures.some((each) => each.machineId === machineId);
  const clash = figures === 'as sent' && figuresClashes(job, theirs, ours).length > 0;
  const machine = adopt(machineId, theirs.machines, ours.machines, clash || left);
  const cutter = job.sheet.cutterId
    ? adopt(job.sheet.cutterId, theirs.cutters, ours.cutters)
    : { id: null, add: [] };
  const comesAlong = (each: OwnFigures) =>
    machine.add.length > 0 &&
    each.blankId === job.blank.id &&
    each.machineId === machineId &&
    transfersOf(job).includes(each.transfer);
  return {
    job: {
      ...job,
      sheet: { ...job.sheet, paperId: paper.id, printerId: printer.id, cutterId: cutter.id },
      heat: { ...job.heat, machineId: machine.id },
    },
    add: {
      ...EMPTY_SHELF,
      papers: paper.add,
      printers: printer.add,
      machines: machine.add,
      cutters: cutter.add,
      figures: theirs.figures
        .filter(comesAlong)
        .map((each) => ({ ...each, id: newId(), machineId: machine.id })),
    },
  };
}
