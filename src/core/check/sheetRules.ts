import type { WrapPaper } from '../model';
import { isCup } from '../traits';
import { MOST_PRINTS, paperHolds } from '../sheet';
import { formatLength, formatSize } from '../units';
import { right } from '../geometry';
import type { Rule } from './check';
import { NOTE_SHARE, seamShare } from './harm';
import { everyPlacement } from './placed';

const ink: Rule = ({ printer, transfer }) =>
  transfer.ink === null || printer.ink === transfer.ink
    ? []
    : [
        {
          id: 'ink',
          level: 'stop',
          station: 'sheets',
          text: `“${printer.name}” holds ${printer.ink}: ${transfer.inkReason}. Choose a printer filled with ${transfer.ink === 'sublimation' ? 'sublimation ink' : 'ordinary ink'}.`,
          figure: printer.ink,
        },
      ];

const paperWidth: Rule = ({ paper, printer, units }) =>
  paper.preprinted || paper.widthMm <= printer.maxPaperWidthMm
    ? []
    : [
        {
          id: 'paper-width',
          level: 'stop',
          station: 'sheets',
          text:
            `${paper.name} is ${formatLength(paper.widthMm, units.length)} wide; “${printer.name}” takes paper up to ` +
            `${formatLength(printer.maxPaperWidthMm, units.length)}. Choose a narrower paper.`,
          figure: formatLength(paper.widthMm, units.length),
        },
      ];

const misfit: Rule = ({ sheets, pieces, paper, units }) => {
  const [first] = sheets.misfits;
  if (!first) return [];
  const piece = pieces.find(({ id }) => id === first.pieceId);
  const figure = formatSize(piece?.widthMm ?? 0, piece?.heightMm ?? 0, units.length);
  return [
    {
      id: `misfit-${first.pieceId}`,
      level: 'stop',
      station: 'sheets',
      text:
        `The piece is ${figure} with its bleed; ${paper.name} ${first.orientation} prints ` +
        `${formatSize(first.printable.width, first.printable.height, units.length)}: too little to tile it even over several sheets. ` +
        `Choose larger paper or a smaller overlap.`,
      figure,
    },
  ];
};

const tooMany: Rule = ({ sheets, job }) =>
  sheets.tooMany === null
    ? []
    : [
        {
          id: 'too-many',
          level: 'stop',
          station: 'sheets',
          text: `That would be ${sheets.tooMany} prints; one job is planned for up to ${MOST_PRINTS}. Make fewer copies, or several jobs.`,
          figure: String(sheets.tooMany),
          fixes: [{ label: 'One copy', patch: { sheet: { ...job.sheet, copies: 1 } } }],
        },
      ];

/** Room a strip keeps beside its art, mm, and a little more (as `core/layout` lays it). */
const STRIP_ROOM_MM = 3.1;

/** The cutting machine finds its way only round prints up to a size. */
const cutterWidth: Rule = (findings) => {
  const { cutter, pieces, job, units } = findings;
  if (!cutter) return [];
  const piece = pieces.find(
    ({ widthMm, heightMm }) => Math.max(widthMm, heightMm) > cutter.printAndCutWidthMm + 1e-3,
  );
  if (!piece) return [];
  const show = (mm: number) => formatLength(mm, units.length);
  const figure = show(Math.max(piece.widthMm, piece.heightMm));
  const byHand = { label: 'Cut by hand', patch: { sheet: { ...job.sheet, cutterId: null } } };
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
  const parts = (which: WrapPaper['parts']) => ({ wrap: { ...job.wrap, parts: which } });
  return [
    {
      id: 'cutter-width',
      level: 'warn',
      station: 'sheets',
      text: `“${piece.name}” is ${figure} long; “${cutter.name}” prints and cuts up to ${show(cutter.printAndCutWidthMm)}. Print a strip as long as the art and drop the bare ends, or cut it by hand.`,
      figure,
      fixes: isCup(job.blank.form)
        ? [
            ...(Math.max(stripMm, piece.heightMm) <= cutter.printAndCutWidthMm
              ? [{ label: 'One strip', patch: parts('strip') }]
              : []),
            ...(quiet && piece.widthMm / 2 + job.bleedMm <= cutter.printAndCutWidthMm
              ? [{ label: 'Two halves', patch: parts('halves') }]
              : []),
            byHand,
          ]
        : [byHand],
    },
  ];
};

/** A sheet bought ready has its colour in it: only outlines can be cut from it. */
const preprinted: Rule = ({ paper, job }) =>
  paper.preprinted && job.cut.line !== 'contour' && !isCup(job.blank.form)
    ? [
        {
          id: 'preprinted-edge',
          level: 'note',
          station: 'sheets',
          text: `Nothing is printed on “${paper.name}”: pieces are cut from it as plain faces. Cut along the art to make a motif of it.`,
          figure: '',
          fixes: [{ label: 'Cut along the art', patch: { cut: { ...job.cut, line: 'contour' } } }],
        },
      ]
    : [];

/** An offcut on the shelf that takes the whole job is used up first. */
const offcutWaits: Rule = ({ shelf, paper, printer, pieces, sheets, job, units }) => {
  const [piece, ...others] = pieces;
  const alone = piece && others.length === 0 && piece.copies * job.sheet.copies === 1;
  if (!alone || paper.offcut || sheets.sheets.length !== 1) return [];
  const offcut = shelf.papers
    .filter((each) => each.offcut && !each.used && paperHolds(each, printer, piece))
    .sort((a, b) => a.widthMm * a.heightMm - b.widthMm * b.heightMm)[0];
  if (!offcut) return [];
  const figure = formatSize(offcut.widthMm, offcut.heightMm, units.length);
  return [
    {
      id: 'offcut-waits',
      level: 'note',
      station: 'sheets',
      text: `An offcut of ${figure} on the shelf takes this: use it before a whole sheet.`,
      figure,
      fixes: [{ label: 'Use the offcut', patch: { sheet: { ...job.sheet, paperId: offcut.id } } }],
    },
  ];
};

const mirror: Rule = ({ mirror: plan }) =>
  plan.readsRight
    ? []
    : [
        {
          id: 'mirror',
          level: 'stop',
          station: 'sheets',
          text: `The picture would be flipped ${plan.flips} times: lettering would come out backwards.`,
          figure: `${plan.flips} flips`,
        },
      ];

const driverCannot: Rule = ({ job, printer, mirror: plan }) =>
  job.sheet.mirrorBy === 'driver' && plan.by === 'file'
    ? [
        {
          id: 'driver-cannot-mirror',
          level: 'note',
          station: 'sheets',
          text: `“${printer.name}” has no mirror setting, so the file is mirrored instead.`,
          figure: '',
          fixes: [
            {
              label: 'Let the file mirror',
              patch: { sheet: { ...job.sheet, mirrorBy: 'file' } },
            },
          ],
        },
      ]
    : [];

const marksDropped: Rule = ({ sheets: { sheets } }) => {
  const bare = sheets.filter(({ marks }) => marks.cutGuides.length === 0 || !marks.foot);
  const [first] = bare;
  if (!first) return [];
  const lost = [
    bare.some(({ marks }) => marks.cutGuides.length === 0) && 'trim marks',
    bare.some(({ marks }) => !marks.foot) && 'check bar and label',
  ]
    .filter(Boolean)
    .join(' and ');
  const where =
    bare.length === 1
      ? first.items.length === 1
        ? 'The piece fills the page'
        : `The ${first.items.length} pieces fill the page`
      : `${bare.length} sheets are filled by their pieces`;
  return [
    {
      id: `marks-dropped-${first.id}`,
      level: 'note',
      station: 'sheets',
      text: `${where}: no room is left for ${lost}. Measure the print itself before pressing.`,
      figure: lost,
    },
  ];
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
