import { isCup } from '../blank';
import { MOST_PRINTS, paperHolds } from '../sheet';
import { right } from '../geometry';
import { found, type Rule } from './check';
import { fix } from './fixes';
import { NOTE_SHARE, seamShare } from './harm';
import { everyPlacement } from './placed';
import { nameOf } from '../layout';

const ink: Rule = ({ printer, transfer }) =>
  transfer.ink === null || printer.ink === transfer.ink
    ? []
    : [
        found('ink', 'stop', {
          ...{ printer: printer.name, holds: printer.ink, transfer: transfer.kind },
        }),
      ];

const paperWidth: Rule = ({ paper, printer }) =>
  paper.preprinted || paper.widthMm <= printer.maxPaperWidthMm
    ? []
    : [
        found('paper-width', 'stop', {
          ...{ paper: paper.name, widthMm: paper.widthMm },
          ...{ printer: printer.name, mostMm: printer.maxPaperWidthMm },
        }),
      ];

const misfit: Rule = ({ sheets, pieces, paper }) => {
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

const tooMany: Rule = ({ sheets: { tooMany: prints } }) =>
  prints === null
    ? []
    : [found('too-many', 'stop', { prints, most: MOST_PRINTS }, { fixes: [fix('one-copy', {})] })];

/** Room a strip keeps beside its art, mm, and a little more (as `core/layout` lays it). */
const STRIP_ROOM_MM = 3.1;

/** The cutting machine finds its way only round prints up to a size. */
const cutterWidth: Rule = (findings) => {
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
const preprinted: Rule = ({ paper, job }) =>
  paper.preprinted && job.cut.line !== 'contour' && !isCup(job.blank.form)
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
const offcutWaits: Rule = ({ shelf, paper, printer, pieces, sheets }) => {
  const [piece, ...others] = pieces;
  const alone = piece && others.length === 0 && piece.copies === 1;
  if (!alone || paper.offcut || sheets.sheets.length !== 1) return [];
  const offcut = shelf.papers
    .filter((each) => each.offcut && !each.used && paperHolds(each, printer, piece))
    .sort((a, b) => a.widthMm * a.heightMm - b.widthMm * b.heightMm)[0];
  if (!offcut) return [];
  const { widthMm, heightMm, id } = offcut;
  const fixes = [fix('use-offcut', { paperId: id })];
  return [found('offcut-waits', 'note', { widthMm, heightMm }, { fixes })];
};

const mirror: Rule = ({ mirror: { readsRight, flips } }) =>
  readsRight ? [] : [found('mirror', 'stop', { flips })];

const driverCannot: Rule = ({ job, printer, mirror: plan }) =>
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

const marksDropped: Rule = ({ sheets: { sheets } }) => {
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
export const SHEET_RULES: readonly Rule[] = [
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
