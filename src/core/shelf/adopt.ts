import { onEveryPass, same, type Job, type OwnFigures, type Paper, type Shelf } from '../model';
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
  return [job, ...job.further].flatMap(({ transfer, heat: { machineId } }) => {
    const sent = theirs.machines.find(({ id }) => id === machineId);
    const known = ours.machines.find(({ id }) => id === machineId);
    if (!known || (sent && !same(sent, known))) return [];
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

/** Things of one kind that come in with a job: what is added, and under which identity each is found. */
interface Incoming<T> {
  readonly add: readonly T[];
  readonly idOf: (id: string) => string;
  readonly comes: (id: string) => boolean;
}

/**
 * Things a job names, brought onto a shelf: those it has already are used, the others added.
 * @param apart whether one comes in once more, though the shelf has it.
 */
function incoming<T extends { readonly id: string; readonly name: string }>(
  ids: readonly (string | null)[],
  [from, have]: readonly [readonly T[], readonly T[]],
  newId: () => string,
  apart: (id: string) => boolean = () => false,
): Incoming<T> {
  const known = new Map<string, string>();
  const add: T[] = [];
  for (const id of new Set(ids.filter((each) => each !== null))) {
    const tool = from.find((each) => each.id === id);
    const own = have.find((each) => each.id === id);
    if (!tool || (own && !apart(id) && same(tool, own))) continue;
    const name = freeName(tool.name, [...have, ...add]);
    const adopted = { ...tool, id: own || apart(id) ? newId() : id, name };
    add.push(adopted);
    known.set(id, adopted.id);
  }
  return { add, idOf: (id) => known.get(id) ?? id, comes: (id) => known.has(id) };
}

/** Whether a pass of a job is pressed by such figures. */
const pressesBy = (job: Job, { blankId, machineId, transfer }: OwnFigures): boolean =>
  blankId === job.blank.id &&
  [job, ...job.further].some(
    (pass) => pass.heat.machineId === machineId && pass.transfer === transfer,
  );

/** A paper whose maker's figures and print settings name the tools under which they came in. */
const onTools = (
  paper: Paper,
  machineOf: (id: string) => string,
  printerOf: (id: string) => string,
): Paper => ({
  ...paper,
  product: paper.product && {
    ...paper.product,
    figures: paper.product.figures.map((each) => ({
      ...each,
      machineId: machineOf(each.machineId),
    })),
    settings: paper.product.settings.map((each) => ({
      ...each,
      printerId: printerOf(each.printerId),
    })),
  },
});

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
  const passes = [job, ...job.further];
  const clash = figures === 'as sent' && figuresClashes(job, theirs, ours).length > 0;
  // figures may outlive their machine: one that comes in under its id must not find them
  const left = (machineId: string) =>
    !ours.machines.some(({ id }) => id === machineId) &&
    ours.figures.some((each) => each.machineId === machineId);
  const printers = incoming(
    passes.map(({ sheet }) => sheet.printerId),
    [theirs.printers, ours.printers],
    newId,
  );
  const cutters = incoming(
    passes.map(({ sheet }) => sheet.cutterId),
    [theirs.cutters, ours.cutters],
    newId,
  );
  const machines = incoming(
    passes.map(({ heat }) => heat.machineId),
    [theirs.machines, ours.machines],
    newId,
    (id) => clash || left(id),
  );
  const papers = incoming(
    passes.flatMap(({ sheet }) => [sheet.paperId, sheet.filmId]),
    [theirs.papers.map((paper) => onTools(paper, machines.idOf, printers.idOf)), ours.papers],
    newId,
  );
  const comesAlong = (each: OwnFigures) => machines.comes(each.machineId) && pressesBy(job, each);
  return {
    job: onEveryPass(job, (seen) => ({
      ...seen,
      sheet: {
        ...seen.sheet,
        paperId: papers.idOf(seen.sheet.paperId),
        filmId: papers.idOf(seen.sheet.filmId),
        printerId: printers.idOf(seen.sheet.printerId),
        cutterId: seen.sheet.cutterId && cutters.idOf(seen.sheet.cutterId),
      },
      heat: { ...seen.heat, machineId: machines.idOf(seen.heat.machineId) },
    })),
    add: {
      ...EMPTY_SHELF,
      papers: [...papers.add],
      printers: [...printers.add],
      machines: [...machines.add],
      cutters: [...cutters.add],
      figures: theirs.figures
        .filter(comesAlong)
        .map((each) => ({ ...each, id: newId(), machineId: machines.idOf(each.machineId) })),
    },
  };
}
