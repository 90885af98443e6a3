import { measuringDoubt, wallOf, type Face } from '../blank';
import { luminance } from '../colour';
import { sagitta } from '../geometry';
import type { CupForm, Job, Shelf, TransferKind } from '../model';
import { isCloth, isCup } from '../traits';
import { canTake } from '../press';
import { machinesFor, withTransfer } from '../shelf';
import { ON_COTTON, TRANSFERS } from '../transfer';
import { formatLength, formatSize } from '../units';
import type { Fix, Rule } from './check';

/** From memory: blanks at least this light keep the art's colours; below the second they swallow them. */
const PALE_FROM_LUMINANCE = 0.75;
const DARK_BELOW_LUMINANCE = 0.3;

const coating: Rule = ({ job, transfer }) => {
  const found = job.blank.substrate.coating;
  if (isCloth(job.blank.substrate) || !transfer.coating || found === transfer.coating) return [];
  return [
    {
      id: 'coating',
      level: found === 'none' ? 'stop' : 'warn',
      station: 'blank',
      text:
        found === 'none'
          ? 'This blank has no coating for dye: the print will not take. Use one made for sublimation.'
          : 'It is not known whether this blank is coated for dye. A shop mug is not; check before pressing.',
      figure: found === 'none' ? 'no coating' : 'coating unknown',
    },
  ];
};

/** What changes in a job when it is made by another transfer: its tools with it. */
function transferPatch(job: Job, kind: TransferKind, shelf: Shelf): Fix['patch'] {
  const { transfer, sheet, heat, cut } = withTransfer(job, kind, shelf);
  return { transfer, sheet, heat, cut };
}

/** Ways out by another kind of transfer. */
const byTransfer = (job: Job, shelf: Shelf, ...kinds: readonly TransferKind[]): Fix[] =>
  kinds
    .filter((kind) => canTake(job.blank, kind) && machinesFor(job.blank, kind, shelf).length > 0)
    .map((transfer) => ({
      label: `Use ${TRANSFERS[transfer].label.toLowerCase()}`,
      patch: transferPatch(job, transfer, shelf),
    }));

const blankColour: Rule = ({ job, transfer, shelf }) => {
  const { colour, colourName } = job.blank.substrate;
  const light = luminance(colour);
  if (!transfer.transparent || light >= PALE_FROM_LUMINANCE) return [];
  const dark = light < DARK_BELOW_LUMINANCE;
  const percent = `${Math.round(light * 100)} %`;
  const subject = transfer.dye ? 'Dye' : 'This paper';
  const cloth = isCloth(job.blank.substrate);
  return [
    {
      id: 'blank-colour',
      level: dark ? 'stop' : 'warn',
      station: 'blank',
      text: dark
        ? `${subject} is transparent: on ${colourName} (${percent} as light as white) the picture disappears. Use a white or pale blank${cloth ? ', or a transfer that covers' : ''}.`
        : `${subject} is transparent: every colour is tinted by ${colourName} (${percent} as light as white); pale parts may vanish.`,
      figure: `${percent} light`,
      ...(cloth ? { fixes: byTransfer(job, shelf, ...ON_COTTON.dark) } : {}),
    },
  ];
};

/** Paper that covers, where nothing has to be covered. */
const darkPaperOnPale: Rule = ({ job, transfer, shelf }) => {
  const { colour, colourName } = job.blank.substrate;
  const { paleInstead } = transfer;
  if (!paleInstead || luminance(colour) < PALE_FROM_LUMINANCE) return [];
  return [
    {
      id: 'paper-kind',
      level: 'note',
      station: 'blank',
      text: `${transfer.label} costs about double a sheet and is not needed on ${colourName}. Paper for light fabric does; mind that it is mirrored.`,
      figure: colourName,
      fixes: byTransfer(job, shelf, paleInstead),
    },
  ];
};

/** From this share of polyester on cloth holds dye well enough to look right (from memory). */
const BRIGHT_FROM_POLYESTER = 0.65;

/** Dye bonds to polyester only; what is cotton stays pale. */
const polyester: Rule = ({ job, transfer, shelf }) => {
  const share = job.blank.substrate.polyesterShare;
  if (!transfer.needsPolyester || !isCloth(job.blank.substrate) || share === null) return [];
  if (share >= 0.995) return [];
  const figure = `${Math.round(share * 100)} % polyester`;
  const text =
    share === 0
      ? 'Pure cotton does not hold dye: the picture washes out. Take polyester, dye-receptive film, or iron-on paper.'
      : `At ${figure} the picture comes out about ${Math.round(share * 100)} % as strong as on pure polyester (in proportion; from memory).`;
  const level = share === 0 ? 'stop' : share < BRIGHT_FROM_POLYESTER ? 'warn' : 'note';
  const pale = luminance(job.blank.substrate.colour) >= PALE_FROM_LUMINANCE;
  const fixes =
    share > 0
      ? {}
      : {
          fixes: byTransfer(job, shelf, ...ON_COTTON[pale ? 'pale' : 'dark']),
        };
  return [{ id: 'polyester', level, station: 'blank', text, figure, ...fixes }];
};

/** Sold as one size, measured as another: say so, and say when nobody measured. */
const nominalSize: Rule = ({ job, units }) => {
  const { form, origin } = job.blank;
  if (form.kind !== 'panel' && form.kind !== 'disc') return [];
  const size =
    form.kind === 'panel' ? [form.widthMm, form.heightMm] : [form.diameterMm, form.diameterMm];
  const [width, height] = size as [number, number];
  const same =
    form.nominal !== null &&
    Math.abs(width - form.nominal.widthMm) < 0.05 &&
    Math.abs(height - form.nominal.heightMm) < 0.05;
  if (!same || origin === 'measured') return [];
  const figure = formatSize(width, height, units.length);
  return [
    {
      id: 'nominal',
      level: 'note',
      station: 'blank',
      text: `${figure} is the size it is sold as. Nominal sizes lie: measure yours before printing.`,
      figure,
    },
  ];
};

const measuring: Rule = ({ job, units }) => {
  const doubt = measuringDoubt(job.blank.form, units.length);
  if (!doubt) return [];
  return [
    {
      id: 'measuring',
      level: 'warn',
      station: 'blank',
      text: doubt.question,
      figure: formatLength(doubt.figureMm, units.length),
      fixes: [{ label: doubt.answer, patch: { blank: { ...job.blank, form: doubt.instead } } }],
    },
  ];
};

/** Why a face has no room, and the figure it turns on (mm). */
function noRoom(
  face: Face,
  form: CupForm,
  show: (mm: number) => string,
): [why: string, mm: number] {
  const { handleGapMm, rimKeepOutMm, baseKeepOutMm } = form;
  if (face.heightMm <= 0) {
    const wall = wallOf(form);
    return [
      `No cup can have a wall of ${show(wall.slantMm)} along the slant between girths of ` +
        `${show(wall.rimCircumferenceMm)} and ${show(wall.baseCircumferenceMm)}. Measure again.`,
      wall.slantMm,
    ];
  }
  if (face.widthMm <= 0) {
    return [
      `The handle gap of ${show(handleGapMm)} takes up the whole circumference. Measure both again.`,
      handleGapMm,
    ];
  }
  return [
    `Rim and base keep-outs of ${show(rimKeepOutMm + baseKeepOutMm)} leave nothing of the ${show(face.heightMm)} wall. Measure again.`,
    rimKeepOutMm + baseKeepOutMm,
  ];
}

const noFace: Rule = ({ job, faces, units }) =>
  faces
    .filter(({ widthMm, safe }) => widthMm <= 0 || safe.height <= 0)
    .map((face) => {
      const show = (mm: number) => formatLength(mm, units.length);
      const { form } = job.blank;
      const [text, mm] = isCup(form)
        ? noRoom(face, form, show)
        : [
            `Keeping ${show(face.heightMm / 2)} clear all round leaves nothing of it. Measure again.`,
            face.heightMm,
          ];
      return {
        id: `no-face-${face.id}`,
        level: 'stop' as const,
        station: 'blank' as const,
        text,
        figure: show(mm),
      };
    });

/** How wrong a straight strip would be on a tapered wall. */
const taper: Rule = ({ faces, units }) =>
  faces.flatMap(({ development }) => {
    if (!development) return [];
    const figure = formatLength(sagitta(development), units.length);
    return [
      {
        id: 'taper',
        level: 'note' as const,
        station: 'blank' as const,
        text: `This wall is tapered: the print is bent to a ring sector. A straight strip would stand ${figure} off at the rim.`,
        figure,
      },
    ];
  });

const bleedOverHandle: Rule = ({ job, units }) => {
  if (!isCup(job.blank.form)) return [];
  const { handleGapMm } = job.blank.form;
  const over = 2 * job.bleedMm - handleGapMm;
  if (over <= 0 || handleGapMm === 0) return [];
  return [
    {
      id: 'bleed-over-handle',
      level: 'stop',
      station: 'art',
      text:
        `A bleed of ${formatLength(job.bleedMm, units.length)} a side is wider than the handle gap of ` +
        `${formatLength(handleGapMm, units.length)}: the paper would run into the handle.`,
      figure: formatLength(job.bleedMm, units.length),
      fixes: [{ label: 'Halve the gap for bleed', patch: { bleedMm: handleGapMm / 2 } }],
    },
  ];
};

/** Is this the right blank, and was it measured right? */
export const BLANK_RULES: readonly Rule[] = [
  coating,
  blankColour,
  darkPaperOnPale,
  polyester,
  nominalSize,
  measuring,
  noFace,
  taper,
  bleedOverHandle,
];
