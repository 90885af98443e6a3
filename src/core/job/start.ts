import { facesOf, usualBleedMm } from '../blank';
import { traitsOf } from '../form';
import {
  onEveryPass,
  NOTHING_OWN,
  ONE_ITEM,
  heatSettingsSchema,
  sheetChoicesSchema,
  type Blank,
  type Job,
  type Shelf,
} from '../model';
import { worksOn } from '../press';
import { BUILT_IN_SHELF, machineFor } from '../shelf';
import { inches } from '../units';
import { startOn } from './edit';

/** A job with nothing decided but its blank, on the machine of the shelf that presses it. */
export function newJob(
  id: string,
  name: string,
  blank: Blank,
  now: Date,
  shelf: Shelf = BUILT_IN_SHELF,
): Job {
  return {
    id,
    name,
    createdAt: now.toISOString(),
    transfer: 'sublimation',
    blank,
    arts: [],
    further: [],
    placements: [],
    bleedMm: usualBleedMm(blank),
    items: [...ONE_ITEM],
    wrap: {
      seam: { kind: 'overlap', byMm: inches(1 / 8) },
      parts: 'whole',
      edge: { style: 'straight', depthMm: 3 },
    },
    cut: { line: 'edge', marginMm: 3, holes: 'keep', apart: false },
    fold: null,
    sheet: sheetChoicesSchema.parse({
      paperId: 'letter',
      printerId: 'sublimation-inkjet',
      mirrorBy: 'file',
    }),
    heat: heatSettingsSchema.parse({
      machineId: machineFor(blank, 'sublimation', shelf),
      own: NOTHING_OWN,
      coolSchool: 'B',
    }),
  };
}

/** One pass of a job, its pictures and machine fit for another blank. */
function passOn(seen: Job, blank: Blank, shelf: Shelf): Job {
  const faces = facesOf(blank);
  const [first] = faces;
  const placements = seen.placements.map((each) => {
    const face = faces.find(({ id }) => id === each.faceId);
    if (face && face.datums.some(({ id }) => id === each.at.datum)) return each;
    const art = seen.arts.find(({ sha256 }) => sha256 === each.artSha256);
    const on = face ?? first;
    return on && art ? { ...each, faceId: on.id, ...startOn(on, art), repeat: null } : each;
  });
  const sameKind = blank.form.kind === seen.blank.form.kind;
  const machine = shelf.machines.find(({ id }) => id === seen.heat.machineId);
  const keepsMachine = machine !== undefined && worksOn(machine, blank, seen.transfer);
  return {
    ...seen,
    placements,
    bleedMm: sameKind ? seen.bleedMm : usualBleedMm(blank),
    heat: keepsMachine
      ? seen.heat
      : { ...seen.heat, machineId: machineFor(blank, seen.transfer, shelf) },
  };
}

/**
 * The job on another blank. Art of every pass stays on faces and at datum points that the new blank has too,
 * and moves to its first face's usual place where it has not; machine and bleed follow where they no longer fit.
 */
export const withBlank = (job: Job, blank: Blank, shelf: Shelf): Job => ({
  ...onEveryPass(job, (seen) => passOn(seen, blank, shelf)),
  blank,
  items: traitsOf(blank.form).sized
    ? job.items
    : job.items.map((item) => (item.size ? { ...item, size: null } : item)),
});
