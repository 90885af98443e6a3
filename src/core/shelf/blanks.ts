import { MEASURES, PLAIN_STRAIGHT, type FormOf } from '../form';
import { NOTHING_ABOUT, type Blank, type Substrate } from '../model';
import { inches } from '../units';

const PLAIN_SURFACE = {
  ...({ texture: 'flat', finish: 'plain' } as const),
  ...{ thicknessMm: null, maxC: null },
};

const hard = (material: Substrate['material']): Substrate => ({
  material,
  coating: 'dye-receptive',
  ...{ colour: '#ffffff', colourName: 'white', polyesterShare: null },
  ...PLAIN_SURFACE,
});

/** White cloth with a share of polyester, 0–1. */
const cloth = (polyesterShare: number, colour = '#ffffff', colourName = 'white'): Substrate => ({
  material: polyesterShare === 1 ? 'polyester' : polyesterShare === 0 ? 'cotton' : 'blend',
  coating: 'none',
  colour,
  colourName,
  polyesterShare,
  ...PLAIN_SURFACE,
});

/** Figures in inches; keep-outs follow from how high art may go. */
function cup(
  id: string,
  name: string,
  origin: Blank['origin'],
  figuresIn: Record<'round' | 'height' | 'gap' | 'keepOut', number>,
  material: Substrate['material'] = 'ceramic',
): Blank {
  return {
    id,
    name,
    origin,
    about: NOTHING_ABOUT,
    substrate: hard(material),
    form: {
      ...PLAIN_STRAIGHT,
      girthMeasuredAs: 'circumference',
      girthMm: inches(figuresIn.round),
      wallHeightMm: inches(figuresIn.height),
      handleGapMm: inches(figuresIn.gap),
      rimKeepOutMm: inches(figuresIn.keepOut),
      baseKeepOutMm: inches(figuresIn.keepOut),
    },
  };
}

/** Girths and height from memory, as common ones measure. */
const LATTE_CUP: Blank = {
  id: 'latte-12oz',
  name: 'Latte cup, 12 oz, tapered',
  origin: 'from memory',
  about: NOTHING_ABOUT,
  substrate: hard('ceramic'),
  form: { ...MEASURES['tapered-wrap'].start, handleGapMm: inches(1.75) },
};

const nominal = (widthIn: number, heightIn: number) => ({
  widthMm: inches(widthIn),
  heightMm: inches(heightIn),
});

type PanelFigures = Partial<Omit<FormOf<'panel'>, 'kind'>> & { inIn: readonly [number, number] };

const panel = (
  id: string,
  name: string,
  origin: Blank['origin'],
  substrate: Substrate,
  { inIn: [widthIn, heightIn], ...more }: PanelFigures,
): Blank => ({
  id,
  name,
  origin,
  about: NOTHING_ABOUT,
  substrate,
  form: {
    kind: 'panel',
    nominal: null,
    widthMm: inches(widthIn),
    heightMm: inches(heightIn),
    cornerRadiusMm: 0,
    edgeKeepOutMm: inches(1 / 4),
    sides: 1,
    ...more,
  },
});

const disc = (
  id: string,
  name: string,
  origin: Blank['origin'],
  diameterIn: number,
  part: Partial<FormOf<'disc'>> = {},
): Blank => ({
  id,
  name,
  origin,
  about: NOTHING_ABOUT,
  substrate: hard('ceramic'),
  form: {
    kind: 'disc',
    nominal: nominal(diameterIn, diameterIn),
    diameterMm: inches(diameterIn),
    holeMm: 0,
    holeFromEdgeMm: inches(0.2),
    holeMeasuredTo: 'edge',
    edgeKeepOutMm: inches(1 / 8),
    sides: 1,
    ...part,
  },
});

const garment = (
  id: string,
  name: string,
  substrate: Substrate,
  form: Omit<FormOf<'garment'>, 'kind'>,
): Blank => ({
  ...{ id, name, origin: 'from memory', about: NOTHING_ABOUT, substrate },
  form: { kind: 'garment', ...form },
});

/** Adult tee sizes, laid flat across, inches: from memory. */
export const TEE_WIDTHS_IN: Readonly<Record<string, number>> = {
  S: 18,
  M: 20,
  L: 22,
  XL: 24,
  '2XL': 26,
  '3XL': 28,
};

/** An adult tee as measuring starts with it. */
const TEE = MEASURES.garment.start;

/** Every blank of the trade that stands on the shelf before the user measures one. */
export const BLANKS: readonly Blank[] = [
  // Wrap 8.75 × 3.79 in, art up to 3.6 in high: common practice. Girth and gap apart: from memory.
  cup('mug-12oz', 'Straight mug, 12 oz', 'common practice', {
    round: 10.25,
    height: 3.79,
    gap: 1.5,
    keepOut: 0.095,
  }),
  cup('mug-11oz', 'Straight mug, 11 oz', 'from memory', {
    round: 10.1,
    height: 3.75,
    gap: 1.6,
    keepOut: 0.1,
  }),
  cup('mug-15oz', 'Straight mug, 15 oz', 'from memory', {
    round: 10.7,
    height: 4.5,
    gap: 1.7,
    keepOut: 0.12,
  }),
  LATTE_CUP,
  cup(
    'tumbler-20oz',
    'Steel tumbler, 20 oz',
    'from memory',
    { round: 9.25, height: 8.1, gap: 0, keepOut: 0.1 },
    'steel',
  ),
  // “12 × 18 in” that measured 11½ × 17½: common practice.
  panel('garden-panel', 'Fabric panel, 12 × 18 in', 'common practice', cloth(1), {
    inIn: [11.5, 17.5],
    nominal: nominal(12, 18),
  }),
  panel('wall-panel', 'Fabric wall panel, 24 × 36 in', 'from memory', cloth(1), {
    inIn: [23.5, 35.5],
    nominal: nominal(24, 36),
  }),
  panel('tea-towel', 'Tea towel', 'from memory', cloth(1), { inIn: [15.5, 24.5] }),
  panel('pillow', 'Pillow cover, 16 in', 'from memory', cloth(1), {
    inIn: [15.5, 15.5],
    nominal: nominal(16, 16),
    sides: 2,
  }),
  panel('tote', 'Tote bag', 'from memory', cloth(1), {
    inIn: [13.5, 14.5],
    edgeKeepOutMm: inches(1 / 2),
    sides: 2,
  }),
  panel('mouse-mat', 'Mouse mat', 'from memory', cloth(1), {
    inIn: [9.25, 7.75],
    cornerRadiusMm: inches(1 / 4),
  }),
  panel('square-coaster', 'Square coaster, hardboard', 'from memory', hard('hardboard'), {
    inIn: [3.75, 3.75],
    cornerRadiusMm: inches(1 / 4),
    edgeKeepOutMm: inches(1 / 8),
  }),
  disc('round-coaster', 'Round coaster, 4 in', 'from memory', 4),
  // Hole 0.25 in across, its edge 0.2 in from the disc's: common practice.
  disc('medallion', 'Round medallion, 3 in, two-sided', 'common practice', 3, {
    holeMm: inches(0.25),
    sides: 2,
  }),
  garment('tee', 'Tee, polyester', cloth(1), TEE),
  garment('tee-navy', 'Tee, cotton, navy', cloth(0, '#1f2a44', 'navy'), TEE),
  garment('hoodie', 'Hoodie, half polyester', cloth(0.5), {
    ...TEE,
    garment: 'hoodie',
    widthMm: inches(22),
    lengthMm: inches(27),
    pocket: { widthMm: inches(13), heightMm: inches(8), topMm: inches(17) },
    sleeve: { widthMm: inches(7), lengthMm: inches(24) },
  }),
  garment('apron', 'Apron, polyester', cloth(1), {
    ...TEE,
    garment: 'apron',
    size: 'one size',
    widthMm: inches(24),
    lengthMm: inches(30),
    collarWidthMm: 0,
    collarDropMm: 0,
    sleeve: null,
    pocket: { widthMm: inches(12), heightMm: inches(7), topMm: inches(15) },
  }),
  garment('bodysuit', 'Baby bodysuit, polyester', cloth(1), {
    ...TEE,
    garment: 'bodysuit',
    size: '6 months',
    widthMm: inches(8.5),
    lengthMm: inches(15),
    collarWidthMm: inches(4),
    collarDropMm: inches(1.5),
    seamKeepOutMm: inches(3 / 4),
    sleeve: null,
  }),
  garment('cap', 'Cap, front panel, polyester', cloth(1), {
    ...TEE,
    garment: 'cap',
    size: 'one size',
    widthMm: inches(5),
    lengthMm: inches(2.5),
    collarWidthMm: 0,
    collarDropMm: 0,
    seamKeepOutMm: inches(1 / 4),
    sleeve: null,
  }),
  {
    id: 'socks-m',
    name: 'Socks on inserts, medium',
    origin: 'from memory',
    about: NOTHING_ABOUT,
    substrate: cloth(1),
    form: {
      kind: 'socks',
      size: 'M',
      widthMm: inches(3.25),
      lengthMm: inches(9),
      rollMm: inches(1 / 4),
    },
  },
];
