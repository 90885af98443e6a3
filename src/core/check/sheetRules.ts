import type { Size } from './vocabulary';
import { isCup } from '../form';
import { isPrintedOn, type Paper, type Printer, type TransferKind } from '../model';
import { MOST_PRINTS, paperHolds, planSheets } from '../sheet';
import { isFor } from '../shelf';
import { right } from '../geometry';
import { at, finder, type FoundOf, type RuleOf } from './finding';
import { fix, type Fix } from './fixes';
import { NOTE_SHARE, seamShare } from './harm';
import { everyPlacement } from './placed';
import { nameOf, type Piece, type NamedPiece } from '../layout';

/** Will what leaves the printer be whole, true to size and the right way round? */
export const SHEET_KINDS = {
  ink: at<{ printer: string; holds: Printer['ink']; transfer: TransferKind }>('sheets'),
  'paper-width': at<{ paper: string; widthMm: number; printer: string; mostMm: number }>('sheets'),
  /** No tiling of the piece on this paper. */
  misfit: at<Size & { paper: string; orientation: 'portrait' | 'landscape'; printable: Size }>(
    'sheets',
  ),
  'too-many': at<{ prints: number; most: number }>('sheets'),
  /** Longer than the cutting machine finds its way round. */
  'cutter-width': at<{ piece: NamedPiece; lengthMm: number; cutter: string; mostMm: number }>(
    'sheets',
  ),
  'preprinted-edge': at<{ paper: string }>('sheets'),
  'offcut-waits': at<Size & { name: string }>('sheets'),
  /** So many flips leave the picture backwards. */
  mirror: at<{ flips: number }>('sheets'),
  'driver-cannot-mirror': at<{ printer: string }>('sheets'),
  /** Sheets without room for trim marks or for bar and label. */
  'marks-dropped': at<{ sheets: number; pieces: number; trimMarks: boolean; foot: boolean }>(
    'sheets',
  ),
};
const found = finder(SHEET_KINDS);
type SheetRule = RuleOf<typeof SHEET_KINDS>;
type SheetFound = FoundOf<typeof SHEET_KINDS>;

const ink: SheetRule = ({ job, printer, transfer }) =>
  transfer.ink === null || printer.ink === transfer.ink
    ? []
    : [
        found('ink', 'stop', {
          ...{ printer: printer.name, holds: printer.ink, transfer: job.transfer },
        }),
      ];

const paperWidth: SheetRule = ({ paper, printer }) =>
  !isPrintedOn(paper) || paper.widthMm <= printer.maxPaperWidthMm
    ? []
    : [
        found('paper-width', 'stop', {
          ...{ paper: paper.name, widthMm: paper.widthMm },
          ...{ printer: printer.name, mostMm: printer.maxPaperWidthMm },
        }),
      ];

const misfit: SheetRule = ({ sheets, pieces, paper }) => {
  const [first] = sheets.misfits;
  const piece = pieces.find(({ id }) => id === first?.pieceId);
  if (!first || !piece) return [];
  const { orientation, printable } = first;
  const facts = {
    ...{ widthMm: piece.widthMm, heightMm: piece.heightMm, paper: paper.name, orientation },
    printable: { widthMm: printable.width, heightMm: printable.height },
  };
  return [found('misfit', 'stop', facts, { of: first.pieceId })];
};

const tooMany: SheetRule = ({ sheets: { tooMany: prints } }) =>
  prints === null
    ? []
    : [found('too-many', 'stop', { prints, most: MOST_PRINTS }, { fixes: [fix('one-copy', {})] })];

/** Room a strip keeps beside its art, mm, and a little more (as `core/layout` lays it). */
const STRIP_ROOM_MM = 3.1;

/** The cutting machine finds its way only round prints up to a size. */
const cutterWidth: SheetRule = (findings) => {
  const { cutter, pieces, job } = findings;
  if (!cutter) return [];
  const piece = pieces.find(
    ({ widthMm, heightMm }) => Math.max(widthMm, heightMm) > cutter.printAndCutWidthMm + 1e-3,
  );
  if (!piece) return [];
  // what one strip would be as long as, and whether a cut opposite the handle would meet nothing
  const arts = everyPlacement(findings);
  const [from, to] = [
    Math.min(...arts.map(({ placed }) => placed.box.x)),
    Math.max(...arts.map(({ placed }) => right(placed.box))),
  ];
  // bent, a strip is longer than it is straight
  const bent = Math.max(1, piece.widthMm / piece.strip.widthMm);
  const stripMm = arts.length > 0 ? (to - from + 2 * STRIP_ROOM_MM) * bent : Infinity;
  const quiet = arts.every((one) => seamShare(one) <= NOTE_SHARE);
  const { printAndCutWidthMm: mostMm } = cutter;
  const cup = isCup(job.blank.form);
  return [
    found(
      'cutter-width',
      'warn',
      {
        ...{ piece: nameOf(piece), lengthMm: Math.max(piece.widthMm, piece.heightMm) },
        ...{ cutter: cutter.name, mostMm },
      },
      {
        fixes: [
          cup && Math.max(stripMm, piece.heightMm) <= mostMm ? fix('one-strip', {}) : null,
          cup && quiet && piece.widthMm / 2 + job.bleedMm <= mostMm ? fix('two-halves', {}) : null,
          fix('cut-by-hand', {}),
        ],
      },
    ),
  ];
};

/** A sheet bought ready has its colour in it: only outlines can be cut from it. */
const preprinted: SheetRule = ({ paper, job }) =>
  paper.is === 'ready-made' && job.cut.line === 'edge' && !isCup(job.blank.form)
    ? [
        found(
          'preprinted-edge',
          'note',
          { paper: paper.name },
          { fixes: [fix('cut-along-art', {})] },
        ),
      ]
    : [];

/** An offcut on the shelf that takes the whole job is used up first. */
const offcutWaits: SheetRule = ({ shelf, paper, printer, pieces, sheets, job, mirror, film }) => {
  const context = { job, arts: new Map(), printer, mirror, whole: true };
  /** The smallest offcut of the same kind that takes all of it, where one sheet does. */
  const offcutFor = (of: Paper, all: readonly Piece[], count: number): Paper | undefined =>
    of.offcut || count !== 1
      ? undefined
      : shelf.papers
          .filter((each) => each.offcut && !each.used && each.is === of.is)
          .filter((each) => isFor(each, job.transfer))
          .filter((each) => all.every((piece) => paperHolds(each, printer, piece)))
          .sort((a, b) => a.widthMm * a.heightMm - b.widthMm * b.heightMm)
          .slice(0, MOST_OFFCUTS)
          .find((each) => {
            const plan = planSheets(all, { ...context, paper: each });
            return plan.sheets.length === 1 && plan.misfits.length === 0;
          });
  const one = offcutFor(paper, pieces, sheets.sheets.length);
  const below = film && offcutFor(film.paper, film.pieces, film.sheets.length);
  return [
    one && offcutFound(one, fix('use-offcut', { paperId: one.id })),
    below && offcutFound(below, fix('use-film', { filmId: below.id, name: below.name })),
  ].flatMap((each) => each ?? []);
};

/** Offcuts tried for a job at most, the smallest first (own choice). */
const MOST_OFFCUTS = 3;

const offcutFound = ({ name, id, widthMm, heightMm }: Paper, way: Fix): SheetFound =>
  found('offcut-waits', 'note', { name, widthMm, heightMm }, { of: id, fixes: [way] });

const mirror: SheetRule = ({ mirror: { readsRight, flips } }) =>
  readsRight ? [] : [found('mirror', 'stop', { flips })];

const driverCannot: SheetRule = ({ job, printer, mirror: plan }) =>
  job.sheet.mirrorBy === 'driver' && plan.by === 'file'
    ? [
        found(
          'driver-cannot-mirror',
          'note',
          { printer: printer.name },
          { fixes: [fix('mirror-in-file', {})] },
        ),
      ]
    : [];

const marksDropped: SheetRule = ({ sheets: { sheets }, paper }) => {
  // nothing prints marks on a sheet that is only cut
  if (!isPrintedOn(paper)) return [];
  const bare = sheets.filter(({ marks }) => marks.cutGuides.length === 0 || !marks.foot);
  const [first] = bare;
  if (!first) return [];
  const facts = {
    ...{ sheets: bare.length, pieces: first.items.length },
    trimMarks: bare.some(({ marks }) => marks.cutGuides.length === 0),
    foot: bare.some(({ marks }) => !marks.foot),
  };
  return [found('marks-dropped', 'note', facts, { of: first.id })];
};

/** Will what leaves the printer be whole, true to size and the right way round? */
export const SHEET_RULES: readonly SheetRule[] = [
  ink,
  paperWidth,
  misfit,
  tooMany,
  cutterWidth,
  preprinted,
  offcutWaits,
  mirror,
  driverCannot,
  marksDropped,
];
