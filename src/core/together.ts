import type { Piece } from './layout';
import type { MirrorPlan } from './mirror';
import {
  FIRST_PASS,
  passIds,
  seenFrom,
  type Artwork,
  type Job,
  type Paper,
  type Printer,
  type Shelf,
  isPrintedOn,
} from './model';
import { facesOf } from './blank';
import { layPass } from './plan';
import { planSheets, type Sheet } from './sheet';
import { TRANSFERS } from './transfer';

/** What one pass of a job brings to sheets that are shared. */
export interface Brought {
  readonly jobId: string;
  readonly jobName: string;
  readonly passId: string;
  readonly pieces: number;
  /** Sheets it takes by itself. */
  readonly alone: number;
}

/** Jobs printed on the same paper by the same printer, their pieces on shared sheets. */
export interface Together {
  readonly id: string;
  readonly paper: Paper;
  readonly printer: Printer;
  readonly mirror: MirrorPlan;
  readonly brought: readonly Brought[];
  readonly arts: readonly Artwork[];
  readonly pieces: readonly Piece[];
  readonly sheets: readonly Sheet[];
}

type Laid = ReturnType<typeof layPass>;

/** The passes of jobs that a printer prints and that fit on some sheet, laid out each by itself. */
function printedPasses(jobs: readonly Job[], shelf: Shelf): Laid[] {
  return jobs.flatMap((job) => {
    const faces = facesOf(job.blank);
    return passIds(job)
      .map((id) => layPass(id, seenFrom(job, id), faces, shelf))
      .filter(({ seen, tools, sheets }) => {
        const { made } = TRANSFERS[seen.transfer];
        return made === 'printed' && isPrintedOn(tools.paper) && sheets.sheets.length > 0;
      });
  });
}

/** What must be the same for two passes to share a sheet. */
const keyOf = ({ seen, mirror }: Laid): string =>
  [
    ...[seen.sheet.paperId, seen.sheet.printerId, seen.sheet.cutterId ?? ''],
    ...mirror.flippers.map(({ who, flips }) => `${who} ${String(flips)}`),
  ].join(' ');

/** An identity within a job, told apart from those of others. */
const idIn = ({ id, seen }: Laid, own: string): string =>
  `${seen.id}/${id === FIRST_PASS ? '' : `${id}/`}${own}`;

/** A piece that says which job it is of, in its name and in its identity. */
const of = (laid: Laid, piece: Piece): Piece => ({
  ...piece,
  id: idIn(laid, piece.id),
  variant: piece.variant === '' ? laid.seen.name : `${laid.seen.name}, ${piece.variant}`,
});

/** The sheets a pass takes by itself, those of some of its pieces, under their new identities. */
const ownSheets = (laid: Laid, wanted: (pieceId: string) => boolean): Sheet[] =>
  laid.sheets.sheets
    .filter(({ items }) => items.some(({ pieceId }) => wanted(pieceId)))
    .map((sheet) => ({
      ...sheet,
      id: idIn(laid, sheet.id),
      items: sheet.items.map((item) => ({ ...item, pieceId: idIn(laid, item.pieceId) })),
    }));

function printTogether(group: readonly Laid[], first: Laid): Together {
  const { paper, printer } = first.tools;
  const arts = new Map(group.flatMap(({ seen }) => seen.arts.map((art) => [art.sha256, art])));
  const pieces: Piece[] = [];
  const shared: Piece[] = [];
  const [whole, tiled]: [Sheet[], Sheet[]] = [[], []];
  for (const laid of group) {
    const { tilings, misfits } = laid.sheets;
    const apart = new Set([...tilings, ...misfits].map(({ pieceId }) => pieceId));
    for (const piece of laid.pieces) {
      const own = of(laid, piece);
      pieces.push(own);
      if (!apart.has(piece.id)) shared.push(own);
    }
    whole.push(...ownSheets(laid, (id) => !apart.has(id)));
    tiled.push(...ownSheets(laid, (id) => apart.has(id)));
  }
  const gapMm = Math.max(...group.map(({ seen }) => seen.sheet.gang.gapMm));
  const choices = group.map(({ seen }) => seen.sheet.gang);
  const gang = {
    ...{ together: true, gapMm },
    turn: choices.every(({ turn }) => turn),
    straightCuts: choices.some(({ straightCuts }) => straightCuts),
  };
  // each piece names its own job
  const job = { ...first.seen, name: '', sheet: { ...first.seen.sheet, gang } };
  const packed = planSheets(shared, { job, arts, paper, printer, mirror: first.mirror });
  // packed anew it is hardly ever more, or too much for one plan; then each keeps its own
  const better = packed.tooMany === null && packed.sheets.length <= whole.length;
  return {
    id: keyOf(first),
    ...{ paper, printer, mirror: first.mirror },
    brought: group.map(({ id, seen, pieces: own, sheets: alone }) => ({
      ...{ jobId: seen.id, jobName: seen.name, passId: id },
      pieces: own.reduce((sum, { copies }) => sum + copies, 0),
      alone: alone.sheets.length,
    })),
    arts: [...arts.values()],
    pieces,
    sheets: [...(better ? packed.sheets : whole), ...tiled],
  };
}

/**
 * Several jobs on shared sheets: what has the same paper, printer, cutter and mirroring is packed together, each
 * piece under the name of its job. Pieces larger than a sheet keep their own. Passes that no printer prints are
 * left out.
 */
export function planTogether(jobs: readonly Job[], shelf: Shelf): readonly Together[] {
  const groups = new Map<string, Laid[]>();
  for (const laid of printedPasses(jobs, shelf)) {
    const key = keyOf(laid);
    groups.set(key, [...(groups.get(key) ?? []), laid]);
  }
  return [...groups.values()].flatMap((group) => {
    const [first] = group;
    return first ? [printTogether(group, first)] : [];
  });
}
