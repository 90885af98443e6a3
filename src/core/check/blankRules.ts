import { measuringDoubt, wallOf, type Face } from '../blank';
import { luminance } from '../colour';
import { sagitta } from '../geometry';
import type { BlankForm } from '../model';
import { formatLength } from '../units';
import type { Rule } from './check';

/** From memory: blanks at least this light keep the art's colours; below the second they swallow them. */
const PALE_FROM_LUMINANCE = 0.75;
const DARK_BELOW_LUMINANCE = 0.3;

const coating: Rule = ({ job, transfer }) => {
  const found = job.blank.substrate.coating;
  if (found === transfer.coating) return [];
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

const blankColour: Rule = ({ job, transfer }) => {
  const { colour, colourName } = job.blank.substrate;
  const light = luminance(colour);
  if (!transfer.transparent || light >= PALE_FROM_LUMINANCE) return [];
  const dark = light < DARK_BELOW_LUMINANCE;
  const percent = `${Math.round(light * 100)} %`;
  return [
    {
      id: 'blank-colour',
      level: dark ? 'stop' : 'warn',
      station: 'blank',
      text: dark
        ? `Dye is transparent: on ${colourName} (${percent} as light as white) the picture disappears. Use a white or pale blank.`
        : `Dye is transparent: every colour is tinted by ${colourName} (${percent} as light as white); pale parts may vanish.`,
      figure: `${percent} light`,
    },
  ];
};

const measuring: Rule = ({ job, units }) => {
  const doubt = measuringDoubt(job.blank, units.length);
  if (!doubt) return [];
  return [
    {
      id: 'measuring',
      level: 'warn',
      station: 'blank',
      text: doubt.question,
      figure: formatLength(doubt.girthMm, units.length),
      fix: { label: `It is the ${doubt.other}`, patch: { blank: doubt.instead } },
    },
  ];
};

/** Why a face has no room, and the figure it turns on (mm). */
function noRoom(
  face: Face,
  form: BlankForm,
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
      const [text, mm] = noRoom(face, job.blank.form, show);
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
      fix: { label: 'Halve the gap for bleed', patch: { bleedMm: handleGapMm / 2 } },
    },
  ];
};

/** Is this the right blank, and was it measured right? */
export const BLANK_RULES: readonly Rule[] = [
  coating,
  blankColour,
  measuring,
  noFace,
  taper,
  bleedOverHandle,
];
