import { holeMiddleMm } from '../blank';
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
import { FORM_TRAITS, isCup } from '../traits';
import { formatLength, inches, MM_PER_INCH, type UnitStyle } from '../units';
import { line, ringLines, type Drawing, type DrawingLine, type DrawingText } from './drawing';
import { layOnGuide, positionTemplate, type JigInput } from './placing';

const TEXT_MM = 3;
const text = (x: number, y: number, words: string, sizeMm = TEXT_MM): DrawingText => ({
  x,
  y,
  text: words,
  sizeMm,
});

/** Ticks of a ruler in the user's unit, with figures at every whole one. */
function rulerTicks(box: Box, units: UnitStyle): [DrawingLine[], DrawingText[]] {
  const inch = units.length === 'in';
  const step = inch ? MM_PER_INCH / 4 : 5;
  const every = inch ? 4 : 2;
  const count = Math.floor(box.height / step);
  const lines: DrawingLine[] = [];
  const texts: DrawingText[] = [];
  for (let i = 0; i <= count; i++) {
    const y = box.y + i * step;
    const whole = i % every === 0;
    lines.push(line('mark', { x: box.x, y }, { x: box.x + (whole ? 9 : 5), y }));
    if (whole && i > 0) texts.push(text(box.x + 10, y + 1, String(inch ? i / 4 : i * 5)));
  }
  return [lines, texts];
}

/** Hangs from the neckline and shows the drop on the centre line. */
function collarRuler({ job, units }: JigInput): Drawing | null {
  const { form } = job.blank;
  if (form.kind !== 'garment') return null;
  const [widthMm, heightMm] = [inches(2.5), inches(8)];
  const hook = inches(0.75);
  const [ticks, figures] = rulerTicks(
    { x: widthMm / 2, y: hook, width: widthMm / 2, height: heightMm - hook - 4 },
    units,
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
    id: 'collar-ruler',
    name: 'Collar ruler',
    use: 'Lay the curve into the neckline and the middle line on the centre crease; read the drop to the art’s upper edge.',
    widthMm,
    heightMm,
    lines: [
      ...ringLines('cut', [rectRing({ x: 0, y: 0, width: widthMm, height: heightMm })]),
      line('mark', { x: widthMm / 2, y: 0 }, { x: widthMm / 2, y: heightMm }),
      ...curve.map((points) => line('mark', ...points)),
      ...ticks,
    ],
    texts: [text(3, hook - 3, 'neckline'), ...figures],
  };
}

/** Two L-shaped stops that hold a flat blank's corner where the print lies. */
function cornerStops({ job, faces }: JigInput): Drawing | null {
  const [face] = faces;
  const { form } = job.blank;
  if (!face || !FORM_TRAITS[form.kind].nests) return null;
  const border = inches(0.75);
  const region = mapRegion(translation(border, border), [face.region[0] ?? []]);
  const box = outset(regionBox(region), border);
  return {
    id: 'corner-stops',
    name: 'Nest for the blank',
    use: 'Cut the inner line out of card and tape the frame down: every blank of the batch lies in the same place.',
    widthMm: box.width,
    heightMm: box.height,
    lines: [
      ...ringLines('cut', [rectRing({ x: 0, y: 0, width: box.width, height: box.height })]),
      ...ringLines('cut', region),
    ],
    texts: [text(4, 6, 'up: this side away from you')],
  };
}

/** A clean paper of the whole wrap with a window that places a narrower print exactly. */
function coverPaper({ job, faces, pieces, units }: JigInput): Drawing | null {
  const [face] = faces;
  const [piece] = pieces;
  const [slot] = piece?.slots ?? [];
  if (!face || !piece || !slot || !isCup(job.blank.form) || face.development) return null;
  const margin = 6;
  const whole = outset({ x: 0, y: 0, width: face.widthMm, height: face.heightMm }, margin);
  const shift = translation(-whole.x, -whole.y);
  const window = mapRegion(shift, mapRegion(translation(-slot.face.x, -slot.face.y), slot.ink));
  return {
    id: 'cover-paper',
    name: 'Cover paper with window',
    use: 'Cut it from clean paper, tape the print into the window and wrap the cover round the cup: the print sits where it was planned.',
    widthMm: whole.width,
    heightMm: whole.height,
    lines: [
      ...ringLines('cut', [rectRing({ x: 0, y: 0, width: whole.width, height: whole.height })]),
      ...ringLines('cut', window),
      line('mark', { x: whole.width / 2, y: 0 }, { x: whole.width / 2, y: margin }),
    ],
    texts: [
      text(2, 4.5, `rim · full wrap ${formatLength(face.widthMm, units.length)} and a little more`),
    ],
  };
}

/** Where to fold a pair and where the blank lies in it. */
function foldJig({ job, pieces, units }: JigInput): Drawing | null {
  const piece = pieces.find(({ guides }) => guides.some(({ kind }) => kind === 'fold'));
  if (!piece || !job.fold) return null;
  const { form } = job.blank;
  const hole =
    form.kind === 'disc' && form.holeMm > 0
      ? [
          text(
            3,
            piece.heightMm - 3,
            `hole ${formatLength(holeMiddleMm(form), units.length)} below the top`,
            2.4,
          ),
        ]
      : [];
  return {
    id: 'fold-jig',
    name: 'Fold jig',
    use: 'Fold plain paper on the dashed line over a light until both outlines lie on each other; the blank goes between.',
    widthMm: piece.widthMm,
    heightMm: piece.heightMm,
    lines: [
      ...ringLines('cut', piece.cut),
      ...piece.guides.map((guide) => ({
        stroke: guide.kind === 'fold' ? ('fold' as const) : ('mark' as const),
        points: guide.points,
        closed: guide.closed,
      })),
    ],
    texts: [text(3, 5, 'front'), ...hole],
  };
}

/** Room a shrink sleeve needs over half the girth for shrinking (from memory). */
const SLEEVE_EASE = 1.08;
/** How deep the sleeve is snipped at its fold, mm (own choice). */
const SNIP_MM = 4;

/** How long a shrink sleeve is cut, and where it is snipped for the handle. */
function sleevePattern({ job, faces }: JigInput): Drawing | null {
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
    id: 'sleeve-pattern',
    name: 'Sleeve pattern',
    use: 'Lay the flat shrink sleeve on it: cut to length, snip at the fold where the handle is. Room for shrinking: from memory.',
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
    texts: [
      text(3, SLEEVE_OVER_MM - 2, 'rim'),
      text(3, heightMm - 4, 'base'),
      ...(handle ? [text(widthMm - 34, heightMm / 2, 'snip for the handle')] : []),
    ],
  };
}

const JIGS: readonly ((input: JigInput) => Drawing | null)[] = [
  collarRuler,
  cornerStops,
  coverPaper,
  foldJig,
  sleevePattern,
  positionTemplate,
  layOnGuide,
];

/** Every true-size jig that helps with a job. */
export const jigsFor = (input: JigInput): Drawing[] =>
  JIGS.map((jig) => jig(input)).filter((drawing): drawing is Drawing => drawing !== null);
