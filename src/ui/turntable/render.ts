import * as THREE from 'three';

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

/** Draws a thing turned by an angle onto a canvas. @returns false where the browser has no WebGL. */
export function renderTurned(
  target: HTMLCanvasElement,
  thing: THREE.Group,
  turnRad: number,
): boolean {
  const renderer = rendererOf();
  const brush = target.getContext('2d');
  if (!renderer || !brush) return false;
  const { width, height } = target;
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

  renderer.setSize(width, height, false);
  renderer.setClearColor('#000000', 0);
  renderer.render(scene, camera);
  scene.remove(thing);
  brush.clearRect(0, 0, width, height);
  brush.drawImage(renderer.domElement, 0, 0, width, height);
  return true;
}
