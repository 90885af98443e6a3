import * as THREE from 'three';
import { inTurn } from '../inTurn';

/** How far above the table the eye is, radians. */
const EYE_LIFT_RAD = 0.2;
const FIELD_OF_VIEW_DEG = 24;

/** One renderer for every picture of a finished thing: browsers allow few of them. */
let shared: THREE.WebGLRenderer | null | undefined;

function rendererOf(): THREE.WebGLRenderer | null {
  if (shared !== undefined) return shared;
  try {
    shared = new THREE.WebGLRenderer({
      canvas: document.createElement('canvas'),
      alpha: true,
      antialias: true,
      preserveDrawingBuffer: true,
    });
    shared.setPixelRatio(1);
    // asking whether a program linked waits for the graphics card
    shared.debug.checkShaderErrors = process.env.NODE_ENV !== 'production';
  } catch {
    shared = null; // no WebGL here; the caller says so
  }
  return shared;
}

/** Share of room left round a thing. */
const MARGIN = 1.04;

/** How far a thing reaches from its upright axis, however it is turned, and half its height. */
function roomOf(thing: THREE.Group): { reach: number; tall: number } {
  const box = new THREE.Box3();
  const turn = thing.rotation.y;
  thing.rotation.y = 0;
  thing.updateMatrixWorld(true);
  box.setFromObject(thing);
  thing.rotation.y = turn;
  thing.updateMatrixWorld(true);
  const reach = Math.max(box.max.x, -box.min.x, box.max.z, -box.min.z);
  return { reach, tall: Math.max(box.max.y, -box.min.y) };
}

/** Puts a thing turned by an angle into light and before a camera, for so many pixels. */
function staged(thing: THREE.Group, turnRad: number, { width, height }: Pixels) {
  const scene = new THREE.Scene();
  const key = new THREE.DirectionalLight('#fffaf0', 1.5);
  key.position.set(0.6, 1, 1.4);
  scene.add(new THREE.HemisphereLight('#ffffff', '#d9cfbd', 2.2), key, thing);
  thing.rotation.y = turnRad;
  thing.updateMatrixWorld(true);

  const { reach, tall } = roomOf(thing);
  const camera = new THREE.PerspectiveCamera(FIELD_OF_VIEW_DEG, width / height);
  const slope = Math.tan((FIELD_OF_VIEW_DEG * Math.PI) / 360);
  const lifted = tall * Math.cos(EYE_LIFT_RAD) + 0.7 * reach * Math.sin(EYE_LIFT_RAD);
  const distance = MARGIN * Math.max(lifted / slope, reach / (slope * camera.aspect)) + reach * 0.4;
  // depth is told finely only between near and far: both close round the thing
  const radius = Math.hypot(reach, tall) * 1.1;
  camera.near = Math.max(1, distance - radius);
  camera.far = distance + radius;
  camera.updateProjectionMatrix();
  camera.position.set(0, distance * Math.sin(EYE_LIFT_RAD), distance * Math.cos(EYE_LIFT_RAD));
  camera.lookAt(0, 0, 0);
  return { scene, camera };
}

/** How often the graphics card is asked whether it is done, and how long at most, ms (own choices). */
const ASK_EVERY_MS = 8;
const ASK_MS = 3000;

const pause = (ms: number) => new Promise<void>((over) => setTimeout(over, ms));

/** Resolves when all that was asked of the graphics card is drawn: to fetch a picture before holds the page up. */
async function drawn(renderer: THREE.WebGLRenderer): Promise<void> {
  const context = renderer.getContext();
  if (!('fenceSync' in context)) return;
  const fence = context.fenceSync(context.SYNC_GPU_COMMANDS_COMPLETE, 0);
  context.flush();
  if (!fence) return;
  const begun = performance.now();
  do await pause(ASK_EVERY_MS);
  while (
    context.getSyncParameter(fence, context.SYNC_STATUS) !== context.SIGNALED &&
    performance.now() - begun < ASK_MS
  );
  context.deleteSync(fence);
}

/** Size of a picture, pixels. */
interface Pixels {
  readonly width: number;
  readonly height: number;
}

/**
 * Draws a thing turned by an angle with the shared renderer, so many pixels large.
 * @returns whether it was still wanted when the shaders of its materials were there.
 */
async function render(
  renderer: THREE.WebGLRenderer,
  thing: THREE.Group,
  turnRad: number,
  size: Pixels,
  wanted: () => boolean,
): Promise<boolean> {
  const { scene, camera } = staged(thing, turnRad, size);
  // drawn at once, the first of its kind would hold the page up until they are; a card that is lost never tells
  await Promise.race([renderer.compileAsync(scene, camera), pause(ASK_MS)]);
  if (!wanted()) return false;
  renderer.setSize(size.width, size.height, false);
  renderer.setClearColor('#000000', 0);
  renderer.render(scene, camera);
  scene.remove(thing);
  await drawn(renderer);
  return true;
}

/**
 * Draws a thing turned by an angle onto a canvas, which keeps what it shows until then.
 * @param wanted asked when its turn comes; what is no longer wanted is not drawn.
 * @returns whether it was drawn; rejects where the browser has no WebGL.
 */
export function renderTurned(
  target: HTMLCanvasElement,
  thing: THREE.Group,
  turnRad: number,
  size: Pixels,
  wanted: () => boolean,
): Promise<boolean> {
  // there is one renderer: its picture is fetched before the next is drawn
  return inTurn(async () => {
    if (!wanted()) return false;
    const renderer = rendererOf();
    const brush = target.getContext('2d');
    if (!renderer || !brush) throw new Error('no WebGL');
    if (!(await render(renderer, thing, turnRad, size, wanted))) return false;
    target.width = size.width;
    target.height = size.height;
    brush.drawImage(renderer.domElement, 0, 0, size.width, size.height);
    return true;
  });
}
