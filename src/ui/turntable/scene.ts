import * as THREE from 'three';
import {
  midCircumferenceMm,
  uprightHeightMm,
  wallOf,
  type Face,
  isCup,
  type CupForm,
} from '@/core/form';
import { subtract, type Region } from '@/core/geometry';
import type { Blank } from '@/core/model';
import { isCloth } from '@/core/traits';

/** A face and how it was painted. */
export interface Painted {
  readonly face: Face;
  readonly canvas: OffscreenCanvas;
}

/** Thickness of hard things and of cloth, mm: for the look alone. */
const HARD_MM = 4;
const CLOTH_MM = 1.6;

function textureOf(canvas: OffscreenCanvas): THREE.Texture {
  const texture = new THREE.CanvasTexture(canvas);
  texture.colorSpace = THREE.SRGBColorSpace;
  texture.anisotropy = 4;
  return texture;
}

const plain = (colour: string, side: THREE.Side = THREE.FrontSide) =>
  new THREE.MeshLambertMaterial({ color: colour, side });

/** The wall all round: the painted face with the handle's gap beside it, seam at the handle. */
function wallTexture({ face, canvas }: Painted, gapMm: number, colour: string): THREE.Texture {
  const density = canvas.width / Math.max(1, face.widthMm);
  const round = new OffscreenCanvas(
    Math.max(1, Math.round((face.widthMm + gapMm) * density)),
    canvas.height,
  );
  const brush = round.getContext('2d');
  if (brush) {
    brush.fillStyle = colour;
    brush.fillRect(0, 0, round.width, round.height);
    brush.drawImage(canvas, (gapMm / 2) * density, 0);
  }
  return textureOf(round);
}

/** The body under printed faces: pushed back in depth, so that face and body never fight for one plane. */
const behindPrints = (colour: string) =>
  new THREE.MeshLambertMaterial({
    color: colour,
    polygonOffset: true,
    polygonOffsetFactor: 4,
    polygonOffsetUnits: 8,
  });

function handleOf(form: CupForm, radius: number, height: number, colour: string): THREE.Mesh {
  const reach = radius * 0.75;
  const path = new THREE.CatmullRomCurve3([
    new THREE.Vector3(0, height * 0.3, radius * 0.95),
    new THREE.Vector3(0, height * 0.33, radius + reach * 0.75),
    new THREE.Vector3(0, 0, radius + reach),
    new THREE.Vector3(0, -height * 0.28, radius + reach * 0.6),
    new THREE.Vector3(0, -height * 0.3, radius * (form.kind === 'tapered-wrap' ? 0.8 : 0.95)),
  ]);
  return new THREE.Mesh(new THREE.TubeGeometry(path, 40, radius * 0.13, 12), plain(colour));
}

/** A cup standing upright, its handle (or seam) towards +z before it is turned. */
function cup(form: CupForm, painted: Painted, colour: string): THREE.Group {
  const wall = wallOf(form);
  const [rim, base] = [wall.rimCircumferenceMm, wall.baseCircumferenceMm].map(
    (around) => around / (2 * Math.PI),
  ) as [number, number];
  const height = uprightHeightMm(wall);
  const gapMm = Math.max(0, midCircumferenceMm(wall) - painted.face.widthMm);
  const group = new THREE.Group();
  const outside = new THREE.MeshLambertMaterial({ map: wallTexture(painted, gapMm, colour) });
  const tube = (r1: number, r2: number, material: THREE.Material) =>
    new THREE.Mesh(new THREE.CylinderGeometry(r1, r2, height, 96, 1, true), material);
  group.add(tube(rim, base, outside));
  group.add(tube(rim * 0.94, base * 0.94, plain('#efe9dd', THREE.BackSide)));
  const lip = new THREE.Mesh(new THREE.RingGeometry(rim * 0.94, rim, 96), plain('#fffdf8'));
  lip.rotation.x = -Math.PI / 2;
  lip.position.y = height / 2;
  const floor = new THREE.Mesh(
    new THREE.CircleGeometry(base * 0.94, 64),
    plain('#d8d0c0', THREE.DoubleSide),
  );
  floor.rotation.x = -Math.PI / 2;
  floor.position.y = -height / 2 + 1;
  group.add(lip, floor);
  if (form.handleGapMm > 0) group.add(handleOf(form, (rim + base) / 2, height, colour));
  return group;
}

/** A region (mm, y down) as three's shapes, y up, middle at the origin. */
function shapesOf(region: Region, face: Face): THREE.Shape[] {
  const rings = region.map((ring) =>
    ring.map(({ x, y }) => new THREE.Vector2(x - face.widthMm / 2, face.heightMm / 2 - y)),
  );
  const size = (points: THREE.Vector2[]) => Math.abs(THREE.ShapeUtils.area(points));
  const [outer, ...holes] = [...rings].sort((a, b) => size(b) - size(a));
  if (!outer) return [];
  const shape = new THREE.Shape(outer);
  shape.holes = holes.map((points) => new THREE.Path(points));
  return [shape];
}

/** A shape's surface with its texture laid over the face's whole box. */
function surface(shapes: THREE.Shape[], { face, canvas }: Painted): THREE.Mesh {
  const geometry = new THREE.ShapeGeometry(shapes, 24);
  const { position, uv } = geometry.attributes;
  if (position && uv) {
    for (let i = 0; i < position.count; i++) {
      uv.setXY(i, position.getX(i) / face.widthMm + 0.5, position.getY(i) / face.heightMm + 0.5);
    }
  }
  return new THREE.Mesh(geometry, new THREE.MeshLambertMaterial({ map: textureOf(canvas) }));
}

/** A flat thing with a front and, where it has one, a printed back. */
function plate(front: Painted, back: Painted | undefined, thick: number, colour: string) {
  const group = new THREE.Group();
  const away = front.face.zones.filter(({ kind }) => kind === 'cut-away');
  const region = subtract(
    front.face.region,
    away.flatMap((zone) => zone.region),
  );
  const shapes = shapesOf(region, front.face);
  const body = new THREE.Mesh(
    new THREE.ExtrudeGeometry(shapes, { depth: thick, bevelEnabled: false, curveSegments: 24 }),
    behindPrints(colour),
  );
  body.position.z = -thick / 2;
  const face = surface(shapes, front);
  face.position.z = thick / 2 + 0.15;
  group.add(body, face);
  if (back) {
    const backRegion = subtract(
      back.face.region,
      back.face.zones.filter(({ kind }) => kind === 'cut-away').flatMap((zone) => zone.region),
    );
    const behind = surface(shapesOf(backRegion, back.face), back);
    behind.rotation.y = Math.PI;
    behind.position.z = -thick / 2 - 0.15;
    group.add(behind);
  }
  return group;
}

const SLEEVE_LEAN = 0.62;

/** Everything that is not a cup: a body with what hangs on it. */
function flat(blank: Blank, painted: ReadonlyMap<string, Painted>): THREE.Group {
  const group = new THREE.Group();
  const thick = isCloth(blank.substrate) ? CLOTH_MM : HARD_MM;
  const { colour } = blank.substrate;
  const add = (frontId: string, backId: string) => {
    const front = painted.get(frontId);
    if (!front) return null;
    const made = plate(front, painted.get(backId), thick, colour);
    group.add(made);
    return { made, front };
  };
  const body = add('front', 'back');
  for (const side of ['left', 'right'] as const) {
    const sleeve = add(`sleeve-${side}`, '');
    if (!sleeve || !body) continue;
    // the wearer's left is on the right of the picture
    const out = side === 'left' ? 1 : -1;
    const { widthMm, heightMm } = sleeve.front.face;
    sleeve.made.rotation.z = out * SLEEVE_LEAN;
    sleeve.made.position.set(
      out * (body.front.face.widthMm / 2 + (heightMm / 2) * Math.sin(SLEEVE_LEAN) - widthMm * 0.12),
      body.front.face.heightMm / 2 - (heightMm / 2) * Math.cos(SLEEVE_LEAN) - widthMm * 0.25,
      -1,
    );
  }
  for (const side of ['left', 'right'] as const) {
    const sock = add(`${side}-outside`, `${side}-inside`);
    if (sock) sock.made.position.x = (side === 'left' ? -0.6 : 0.6) * sock.front.face.widthMm;
  }
  return group;
}

/** The finished thing from its painted faces. */
export function buildFinished(blank: Blank, painted: ReadonlyMap<string, Painted>): THREE.Group {
  const wrap = painted.get('wrap');
  if (isCup(blank.form) && wrap) return cup(blank.form, wrap, blank.substrate.colour);
  return flat(blank, painted);
}

/** Frees what a group holds on the graphics card. */
export function disposeOf(group: THREE.Group): void {
  group.traverse((thing) => {
    if (!(thing instanceof THREE.Mesh)) return;
    const mesh = thing as THREE.Mesh<THREE.BufferGeometry, THREE.MeshLambertMaterial>;
    mesh.geometry.dispose();
    mesh.material.map?.dispose();
    mesh.material.dispose();
  });
}
