import { holeMiddleMm, traitsOf, isCup } from '../form';
import { SLEEVE_OVER_MM, sleeveLengthMm } from '../press';
import {
  ellipseRing,
  mapRegion,
  outset,
  rectRing,
  regionBox,
  translation,
  type Box,
} from '../geometry';
import { inches, MM_PER_INCH, type LengthUnit } from '../units';
import {
  line,
  ringLines,
  type MarkSays,
  type Sketch,
  type SketchLine,
  type SketchMark,
} from './sketch';
import { layOnGuide, positionTemplate, type JigInput } from './placing';

const TEXT_MM = 3;
const mark = (x: number, y: number, says: MarkSays, sizeMm = TEXT_MM): SketchMark => ({
  ...{ x, y, says, sizeMm },
});

/** Ticks of a ruler in such a unit, with figures at every whole one. */
function rulerTicks(box: Box, unit: LengthUnit): [SketchLine[], SketchMark[]] {
  const inch = unit === 'in';
  const step = inch ? MM_PER_INCH / 4 : 5;
  const every = inch ? 4 : 2;
  const count = Math.floor(box.height / step);
  const lines: SketchLine[] = [];
  const marks: SketchMark[] = [];
  for (let i = 0; i <= count; i++) {
    const y = box.y + i * step;
    const whole = i % every === 0;
    lines.push(line('mark', { x: box.x, y }, { x: box.x + (whole ? 9 : 5), y }));
    if (whole && i > 0)
      marks.push(mark(box.x + 10, y + 1, { say: 'figure', value: inch ? i / 4 : i * 5 }));
  }
  return [lines, marks];
}

/** Hangs from the neckline and shows the drop on the centre line. */
function collarRuler({ job, ruler }: JigInput): Sketch | null {
  const { form } = job.blank;
  if (form.kind !== 'garment') return null;
  const [widthMm, heightMm] = [inches(2.5), inches(8)];
  const hook = inches(0.75);
  const [ticks, figures] = rulerTicks(
    { x: widthMm / 2, y: hook, width: widthMm / 2, height: heightMm - hook - 4 },
    ruler,
  );
  const neck = Math.max(form.collarWidthMm, widthMm);
  const arc = ellipseRing({
    x: widthMm / 2 - neck / 2,
    y: hook - form.collarDropMm * 2,
    width: neck,
    height: form.collarDropMm * 2,
  });
  const curve =
    form.collarDropMm > 0
      ? [arc.filter(({ x, y }) => x >= 0 && x <= widthMm && y > hook - inches(0.7))]
      : [];
  return {
    kind: 'collar-ruler',
    widthMm,
    heightMm,
    lines: [
      ...ringLines('cut', [rectRing({ x: 0, y: 0, width: widthMm, height: heightMm })]),
      line('mark', { x: widthMm / 2, y: 0 }, { x: widthMm / 2, y: heightMm }),
      ...curve.map((points) => line('mark', ...points)),
      ...ticks,
    ],
    marks: [mark(3, hook - 3, { say: 'neckline' }), ...figures],
  };
}

/** Two L-shaped stops that hold a flat blank's corner where the print lies. */
function cornerStops({ job, faces }: JigInput): Sketch | null {
  const [face] = faces;
  const { form } = job.blank;
  if (!face || !traitsOf(form).nests) return null;
  const border = inches(0.75);
  const region = mapRegion(translation(border, border), [face.region[0] ?? []]);
  const box = outset(regionBox(region), border);
  return {
    kind: 'corner-stops',
    widthMm: box.width,
    heightMm: box.height,
    lines: [
      ...ringLines('cut', [rectRing({ x: 0, y: 0, width: box.width, height: box.height })]),
      ...ringLines('cut', region),
    ],
    marks: [mark(4, 6, { say: 'up' })],
  };
}

/** A clean paper of the whole wrap with a window that places a narrower print exactly. */
function coverPaper({ job, faces, pieces }: JigInput): Sketch | null {
  const [face] = faces;
  const [piece] = pieces;
  const [slot] = piece?.slots ?? [];
  if (!face || !piece || !slot || !isCup(job.blank.form) || face.development) return null;
  const margin = 6;
  const whole = outset({ x: 0, y: 0, width: face.widthMm, height: face.heightMm }, margin);
  const shift = translation(-whole.x, -whole.y);
  const window = mapRegion(shift, mapRegion(translation(-slot.face.x, -slot.face.y), slot.ink));
  return {
    kind: 'cover-paper',
    widthMm: whole.width,
    heightMm: whole.height,
    lines: [
      ...ringLines('cut', [rectRing({ x: 0, y: 0, width: whole.width, height: whole.height })]),
      ...ringLines('cut', window),
      line('mark', { x: whole.width / 2, y: 0 }, { x: whole.width / 2, y: margin }),
    ],
    marks: [mark(2, 4.5, { say: 'full-wrap', widthMm: face.widthMm })],
  };
}

/** Where to fold a pair and where the blank lies in it. */
function foldJig({ job, pieces }: JigInput): Sketch | null {
  const piece = pieces.find(({ guides }) => guides.some(({ kind }) => kind === 'fold'));
  if (!piece || !job.fold) return null;
  const { form } = job.blank;
  const hole =
    form.kind === 'disc' && form.holeMm > 0
      ? [mark(3, piece.heightMm - 3, { say: 'hole', belowTopMm: holeMiddleMm(form) }, 2.4)]
      : [];
  return {
    kind: 'fold-jig',
    widthMm: piece.widthMm,
    heightMm: piece.heightMm,
    lines: [
      ...ringLines('cut', piece.cut),
      ...piece.guides.map((guide) => ({
        purpose: guide.kind === 'fold' ? ('fold' as const) : ('mark' as const),
        points: guide.points,
        closed: guide.closed,
      })),
    ],
    marks: [mark(3, 5, { say: 'front' }), ...hole],
  };
}

/** Room a shrink sleeve needs over half the girth for shrinking (from memory). */
const SLEEVE_EASE = 1.08;
/** How deep the sleeve is snipped at its fold, mm (own choice). */
const SNIP_MM = 4;

/** How long a shrink sleeve is cut, and where it is snipped for the handle. */
function sleevePattern({ job, faces }: JigInput): Sketch | null {
  const [face] = faces;
  const { form } = job.blank;
  if (!face || !isCup(form)) return null;
  const girth = face.widthMm + form.handleGapMm;
  const widthMm = (girth / 2) * SLEEVE_EASE;
  const heightMm = sleeveLengthMm(form);
  const wallMm = heightMm - 2 * SLEEVE_OVER_MM;
  const handle = form.handleGapMm > 0;
  const [from, to] = [0.1, 0.9].map((share) => SLEEVE_OVER_MM + wallMm * share) as [number, number];
  const snip = line(
    'cut',
    { x: widthMm, y: from },
    { x: widthMm - SNIP_MM, y: from },
    { x: widthMm - SNIP_MM, y: to },
    { x: widthMm, y: to },
  );
  return {
    kind: 'sleeve-pattern',
    widthMm,
    heightMm,
    lines: [
      ...ringLines('cut', [rectRing({ x: 0, y: 0, width: widthMm, height: heightMm })]),
      line('fold', { x: 0, y: SLEEVE_OVER_MM }, { x: widthMm, y: SLEEVE_OVER_MM }),
      line(
        'fold',
        { x: 0, y: heightMm - SLEEVE_OVER_MM },
        { x: widthMm, y: heightMm - SLEEVE_OVER_MM },
      ),
      ...(handle ? [snip] : []),
    ],
    marks: [
      mark(3, SLEEVE_OVER_MM - 2, { say: 'rim' }),
      mark(3, heightMm - 4, { say: 'base' }),
      ...(handle ? [mark(widthMm - 34, heightMm / 2, { say: 'snip' })] : []),
    ],
  };
}

const JIGS: readonly ((input: JigInput) => Sketch | null)[] = [
  collarRuler,
  cornerStops,
  coverPaper,
  foldJig,
  sleevePattern,
  positionTemplate,
  layOnGuide,
];

/** Every true-size jig that helps with a job. */
export const jigsFor = (input: JigInput): Sketch[] =>
  JIGS.map((jig) => jig(input)).filter((sketch): sketch is Sketch => sketch !== null);
