import type { Size } from './vocabulary';
import { measuringDoubt, wallOf, type Face, isCup, type Misread } from '../form';
import { luminance } from '../colour';
import { sagitta } from '../geometry';
import { blankColours, type Blank, type TransferKind } from '../model';
import { isCloth } from '../traits';
import { ON_COTTON, PALE_INSTEAD } from '../transfer';
import { at, finder, type RuleOf } from './finding';
import { fix } from './fixes';
import { byTransfer, DARK_BELOW_LUMINANCE, PALE_FROM_LUMINANCE } from './otherWays';

/** Why a face has no room. Lengths mm. */
type NoRoom =
  | { why: 'no such wall'; slantMm: number; rimMm: number; baseMm: number }
  | { why: 'handle gap'; handleGapMm: number }
  | { why: 'keep-outs'; keepOutMm: number; heightMm: number }
  | { why: 'clear edge'; eachMm: number; heightMm: number };

/** Is this the right blank, and was it measured right? */
export const BLANK_KINDS = {
  /** Dye needs a coating, and there is none, or nobody knows. */
  coating: at<{ found: 'none' | 'unknown' }>('blank'),
  /** A transparent transfer on a colour that is not white; `lightShare` of white. */
  'blank-colour': at<{
    dye: boolean;
    colourName: string;
    lightShare: number;
    dark: boolean;
    cloth: boolean;
  }>('blank'),
  /** A transfer that covers, where nothing has to be covered. */
  'paper-kind': at<{ transfer: TransferKind; colourName: string }>('blank'),
  /** Dye bonds to the polyester share of cloth only. */
  polyester: at<{ share: number }>('blank'),
  /** Measures as it is sold, by nobody measured. */
  nominal: at<Size>('blank'),
  /** A figure was probably read or typed another way. */
  measuring: at<{ misread: Misread }>('blank'),
  /** Nothing of a face is left to print on. */
  'no-face': at<NoRoom>('blank'),
  /** A straight strip would stand so far off at the rim of this tapered wall. */
  taper: at<{ offMm: number }>('blank'),
  /** The paper would run into the handle. */
  'bleed-over-handle': at<{ bleedMm: number; handleGapMm: number }>('art'),
};
const found = finder(BLANK_KINDS);
type BlankRule = RuleOf<typeof BLANK_KINDS>;

const coating: BlankRule = ({ job, transfer }) => {
  const has = job.blank.substrate.coating;
  if (isCloth(job.blank.substrate) || !transfer.coating || has === transfer.coating) return [];
  return has === 'none'
    ? [found('coating', 'stop', { found: 'none' })]
    : [found('coating', 'warn', { found: 'unknown' })];
};

const blankColour: BlankRule = (findings) => {
  const { job, transfer } = findings;
  const cloth = isCloth(job.blank.substrate);
  return blankColours(job).flatMap(({ colour, colourName }) => {
    const lightShare = luminance(colour);
    if (!transfer.transparent || lightShare >= PALE_FROM_LUMINANCE) return [];
    const dark = lightShare < DARK_BELOW_LUMINANCE;
    return found(
      'blank-colour',
      dark ? 'stop' : 'warn',
      { dye: transfer.dye, colourName, lightShare, dark, cloth },
      {
        of: colour === job.blank.substrate.colour ? undefined : colour.slice(1),
        fixes: cloth ? byTransfer(findings, ON_COTTON.dark) : [],
      },
    );
  });
};

/** Paper that covers, where nothing has to be covered. */
const darkPaperOnPale: BlankRule = (findings) => {
  const { job } = findings;
  const colours = blankColours(job);
  const paleInstead = PALE_INSTEAD[job.transfer];
  // what a dark one of them needs, the pale ones take too
  if (!paleInstead || colours.some(({ colour }) => luminance(colour) < PALE_FROM_LUMINANCE))
    return [];
  const colourName = colours[0]?.colourName ?? '';
  const fixes = byTransfer(findings, [paleInstead]);
  return [found('paper-kind', 'note', { transfer: job.transfer, colourName }, { fixes })];
};

/** From this share of polyester on cloth holds dye well enough to look right (from memory). */
const BRIGHT_FROM_POLYESTER = 0.65;

/** Dye bonds to polyester only; what is cotton stays pale. */
const polyester: BlankRule = (findings) => {
  const { job, transfer } = findings;
  const share = job.blank.substrate.polyesterShare;
  if (!transfer.needsPolyester || !isCloth(job.blank.substrate) || share === null) return [];
  if (share >= 0.995) return [];
  const level = share === 0 ? 'stop' : share < BRIGHT_FROM_POLYESTER ? 'warn' : 'note';
  const pale = blankColours(job).every(({ colour }) => luminance(colour) >= PALE_FROM_LUMINANCE);
  const fixes = share > 0 ? [] : byTransfer(findings, ON_COTTON[pale ? 'pale' : 'dark']);
  return [found('polyester', level, { share }, { fixes })];
};

/** Sold as one size, measured as another: say so, and say when nobody measured. */
const nominalSize: BlankRule = ({ job }) => {
  const { form, origin } = job.blank;
  if (form.kind !== 'panel' && form.kind !== 'disc') return [];
  const [widthMm, heightMm] =
    form.kind === 'panel' ? [form.widthMm, form.heightMm] : [form.diameterMm, form.diameterMm];
  const same =
    form.nominal !== null &&
    Math.abs(widthMm - form.nominal.widthMm) < 0.05 &&
    Math.abs(heightMm - form.nominal.heightMm) < 0.05;
  return same && origin !== 'measured' ? [found('nominal', 'note', { widthMm, heightMm })] : [];
};

const measuring: BlankRule = ({ job }) => {
  const doubt = measuringDoubt(job.blank.form);
  if (!doubt) return [];
  const { misread } = doubt;
  return [found('measuring', 'warn', { misread }, { fixes: [fix('read-otherwise', { misread })] })];
};

function noRoom(face: Face, { form }: Blank): NoRoom {
  const { heightMm, widthMm } = face;
  if (!isCup(form)) return { why: 'clear edge', eachMm: heightMm / 2, heightMm };
  const { handleGapMm, rimKeepOutMm, baseKeepOutMm } = form;
  if (heightMm <= 0) {
    const { slantMm, rimCircumferenceMm: rimMm, baseCircumferenceMm: baseMm } = wallOf(form);
    return { why: 'no such wall', slantMm, rimMm, baseMm };
  }
  return widthMm <= 0
    ? { why: 'handle gap', handleGapMm }
    : { why: 'keep-outs', keepOutMm: rimKeepOutMm + baseKeepOutMm, heightMm };
}

const noFace: BlankRule = ({ job, faces }) =>
  faces
    .filter(({ widthMm, safe }) => widthMm <= 0 || safe.height <= 0)
    .map((face) => found('no-face', 'stop', noRoom(face, job.blank), { of: face.id }));

/** How wrong a straight strip would be on a tapered wall. */
const taper: BlankRule = ({ faces }) =>
  faces.flatMap(({ development }) =>
    development ? [found('taper', 'note', { offMm: sagitta(development) })] : [],
  );

const bleedOverHandle: BlankRule = ({ job: { blank, bleedMm } }) => {
  if (!isCup(blank.form)) return [];
  const { handleGapMm } = blank.form;
  return 2 * bleedMm > handleGapMm && handleGapMm > 0
    ? [
        found(
          'bleed-over-handle',
          'stop',
          { bleedMm, handleGapMm },
          { fixes: [fix('halve-handle-gap', {})] },
        ),
      ]
    : [];
};

/** Is this the right blank, and was it measured right? */
export const BLANK_RULES: readonly BlankRule[] = [
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
