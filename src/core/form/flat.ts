import {
  ellipseRing,
  growRegion,
  mapRegion,
  mirrorIn,
  outset,
  regionBox,
  roundedRing,
  thinned,
  type Region,
} from '../geometry';
import { unlessTooMuch } from '../work';
import { unitDoubt } from './doubt';
import { faceBox, middleOf, PLAIN_EDGES, present, type Face, type Zone } from './face';
import type { FlatKind, FormOf } from './measures';
import type { FaceName } from './names';
import type { FormRules, RulesOf } from './rules';

interface Flat {
  readonly region: Region;
  readonly edgeKeepOutMm: number;
  readonly sides: 1 | 2;
  readonly holes: Region;
}

/** The band along the outer edge. The moved edge lies wholly inside: both together bound it. */
const edgeBand = ({ region: [edge], edgeKeepOutMm }: Flat): Region =>
  edge && edgeKeepOutMm > 0
    ? // a band that cannot be worked out is not shown; `core/plan` says why such an outline is refused
      unlessTooMuch(
        () => [edge, ...growRegion([edge], -edgeKeepOutMm)],
        () => [],
      )
    : [];

const zoneOf = (id: Zone['id'], kind: Zone['kind'], region: Region): Zone | null =>
  region.length > 0 ? { id, kind, region } : null;

/** One or both sides of a flat thing. The back is the front turned over about its upright middle. */
function flatFaces(flat: Flat): Face[] {
  const { width, height } = regionBox(flat.region);
  const size = { widthMm: width, heightMm: height };
  const band = edgeBand(flat);
  const face = (id: string, called: FaceName, seen: (region: Region) => Region): Face => ({
    id,
    called,
    ...size,
    region: seen(flat.region),
    safe: outset(faceBox(size), -flat.edgeKeepOutMm),
    zones: present([
      zoneOf('edge', 'keep-out', seen(band)),
      zoneOf('hole', 'hole', seen(flat.holes)),
    ]),
    datums: [{ id: 'centre', called: 'centre', ...middleOf(size) }],
    home: 'centre',
    edges: PLAIN_EDGES,
    development: null,
    paper: 'face',
  });
  const front = face('front', flat.sides === 2 ? 'front' : 'face', (region) => region);
  if (flat.sides === 1) return [front];
  return [front, face('back', 'back', (region) => mapRegion(mirrorIn(width), region))];
}

/** Anything flat with four corners. */
const PANEL: FormRules<FormOf<'panel'>> = {
  faces: (form) =>
    flatFaces({
      ...form,
      region: [
        roundedRing(
          { x: 0, y: 0, width: form.widthMm, height: form.heightMm },
          form.cornerRadiusMm,
        ),
      ],
      holes: [],
    }),
  doubt: (form) =>
    unitDoubt(form.widthMm, 'panel-width', (by) => ({
      ...form,
      widthMm: form.widthMm * by,
      heightMm: form.heightMm * by,
    })),
};

/** Where the hanging hole's middle is, mm below the disc's top. */
export const holeMiddleMm = (form: FormOf<'disc'>): number =>
  form.holeFromEdgeMm + (form.holeMeasuredTo === 'edge' ? form.holeMm / 2 : 0);

/** Anything round, with or without a hanging hole. */
const DISC: FormRules<FormOf<'disc'>> = {
  faces: (form) => {
    const rim = ellipseRing({ x: 0, y: 0, width: form.diameterMm, height: form.diameterMm });
    const hole = ellipseRing({
      x: form.diameterMm / 2 - form.holeMm / 2,
      y: holeMiddleMm(form) - form.holeMm / 2,
      width: form.holeMm,
      height: form.holeMm,
    });
    const holes = form.holeMm > 0 ? [hole] : [];
    return flatFaces({ ...form, region: [rim, ...holes], holes });
  },
  doubt: (form) =>
    unitDoubt(form.diameterMm, 'disc-diameter', (by) => ({
      ...form,
      diameterMm: form.diameterMm * by,
    })),
};

/** Points of an outline nearer than this to the line without them are left out, mm. */
const TOLERANCE_MM = 0.005;

/** Any outline in real units. */
const OUTLINE: FormRules<FormOf<'outline'>> = {
  faces: (form) => {
    const drawn = form.rings.map((ring) => ring.map(([x, y]) => ({ x, y })));
    const rings = thinned(drawn, TOLERANCE_MM);
    const whole = [...rings].sort((a, b) => size(b) - size(a));
    return flatFaces({ ...form, region: whole, holes: whole.slice(1) });
  },
  doubt: () => null,
};

function size(ring: Region[number]): number {
  const { width, height } = regionBox([ring]);
  return width * height;
}

/** Flat things; one more stands here too. */
export const FLAT_FORMS: RulesOf<FlatKind> = {
  panel: PANEL,
  disc: DISC,
  outline: OUTLINE,
};
