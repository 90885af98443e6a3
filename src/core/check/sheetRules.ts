import { formatLength, formatSize } from '../units';
import type { Rule } from './check';

const ink: Rule = ({ printer, transfer }) =>
  printer.ink === transfer.ink
    ? []
    : [
        {
          id: 'ink',
          level: 'stop',
          station: 'sheets',
          text: `“${printer.name}” holds ${printer.ink}: ${transfer.inkReason}. Choose a printer filled with sublimation ink.`,
          figure: printer.ink,
        },
      ];

const paperWidth: Rule = ({ paper, printer, units }) =>
  paper.widthMm <= printer.maxPaperWidthMm
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

const misfit: Rule = ({ sheets, pieces, paper, units }) =>
  sheets.misfits.map((m) => {
    const piece = pieces.find(({ id }) => id === m.pieceId);
    const show = (mm: number) => formatLength(mm, units.length);
    const over = [
      m.overWidthMm > 0 && `${show(m.overWidthMm)} too wide`,
      m.overHeightMm > 0 && `${show(m.overHeightMm)} too high`,
    ]
      .filter(Boolean)
      .join(' and ');
    return {
      id: `misfit-${m.pieceId}`,
      level: 'stop' as const,
      station: 'sheets' as const,
      text:
        `The piece is ${formatSize(piece?.widthMm ?? 0, piece?.heightMm ?? 0, units.length)} with its bleed; ${paper.name} ` +
        `${m.orientation} prints ${formatSize(m.printable.width, m.printable.height, units.length)}: ${over}. ` +
        `Choose larger paper; on this one it needs tiling over several sheets.`,
      figure: over,
    };
  });

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
          fix: {
            label: 'Let the file mirror',
            patch: { sheet: { ...job.sheet, mirrorBy: 'file' } },
          },
        },
      ]
    : [];

const marksDropped: Rule = ({ sheets }) =>
  sheets.sheets
    .filter(({ marks }) => !marks.cutGuide || !marks.foot)
    .map((sheet) => {
      const lost = [
        !sheet.marks.cutGuide && 'trim marks',
        !sheet.marks.foot && 'check bar and label',
      ]
        .filter(Boolean)
        .join(' and ');
      return {
        id: `marks-dropped-${sheet.id}`,
        level: 'note' as const,
        station: 'sheets' as const,
        text: `The piece fills the page: no room is left for ${lost}. Measure the print itself before pressing.`,
        figure: lost,
      };
    });

/** Will what leaves the printer be whole, true to size and the right way round? */
export const SHEET_RULES: readonly Rule[] = [
  ink,
  paperWidth,
  misfit,
  mirror,
  driverCannot,
  marksDropped,
];
