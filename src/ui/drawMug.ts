import type { Face } from '@/core/blank';
import type { Box } from '@/core/geometry';

interface Mug {
  readonly face: Face;
  readonly pictures: readonly { image: CanvasImageSource; box: Box }[];
  readonly facingMm: number;
  readonly colour: string;
  readonly circumferenceMm: number;
  readonly handleGapMm: number;
}

/** Pixels per mm of the flat face before it is bent; enough for a card-sized picture. */
const FACE_DENSITY = 4;
/** How flat the rim's ellipse looks: a little above eye level. */
const RIM_FLATNESS = 0.16;

function flatFace({ face, pictures, colour }: Mug): OffscreenCanvas {
  const flat = new OffscreenCanvas(
    Math.max(1, Math.round(face.widthMm * FACE_DENSITY)),
    Math.max(1, Math.round(face.heightMm * FACE_DENSITY)),
  );
  const brush = flat.getContext('2d');
  if (!brush) return flat;
  brush.fillStyle = colour;
  brush.fillRect(0, 0, flat.width, flat.height);
  brush.scale(FACE_DENSITY, FACE_DENSITY);
  // dye is transparent: the blank's colour shows through every colour
  brush.globalCompositeOperation = 'multiply';
  for (const { image, box } of pictures)
    brush.drawImage(image, box.x, box.y, box.width, box.height);
  return flat;
}

interface Frame {
  readonly x: number;
  readonly top: number;
  readonly radius: number;
  readonly height: number;
}

function bodyPath(brush: CanvasRenderingContext2D, { x, top, radius, height }: Frame): void {
  const drop = radius * RIM_FLATNESS;
  brush.beginPath();
  brush.moveTo(x - radius, top);
  brush.lineTo(x - radius, top + height);
  brush.ellipse(x, top + height, radius, drop, 0, Math.PI, 0, true);
  brush.lineTo(x + radius, top);
  brush.ellipse(x, top, radius, drop, 0, 0, Math.PI, false);
}

function drawHandle(
  brush: CanvasRenderingContext2D,
  frame: Frame,
  angle: number,
  colour: string,
): void {
  const side = Math.sin(angle);
  const reach = frame.radius * 0.62 * side;
  const root = frame.x + frame.radius * side * 0.97;
  for (const [width, stroke] of [
    [frame.radius * 0.2, '#b9b2a4'],
    [frame.radius * 0.17, colour],
  ] as const) {
    brush.strokeStyle = stroke;
    brush.lineWidth = width;
    brush.lineCap = 'round';
    brush.beginPath();
    brush.moveTo(root, frame.top + frame.height * 0.22);
    brush.bezierCurveTo(
      root + reach * 1.3,
      frame.top + frame.height * 0.12,
      root + reach * 1.3,
      frame.top + frame.height * 0.9,
      root,
      frame.top + frame.height * 0.76,
    );
    brush.stroke();
  }
}

/** One screen column at a time: the angle under it picks the column of the flat face. */
function bendFace(
  brush: CanvasRenderingContext2D,
  frame: Frame,
  mug: Mug,
  flat: OffscreenCanvas,
): void {
  const radiusMm = mug.circumferenceMm / (2 * Math.PI);
  const drop = frame.radius * RIM_FLATNESS;
  for (let dx = -frame.radius; dx < frame.radius; dx++) {
    const share = Math.max(-1, Math.min(1, (dx + 0.5) / frame.radius));
    const along = mug.facingMm + radiusMm * Math.asin(share);
    const round = ((along % mug.circumferenceMm) + mug.circumferenceMm) % mug.circumferenceMm;
    const sag = drop * Math.sqrt(1 - share * share);
    if (round > mug.face.widthMm) continue;
    brush.drawImage(
      flat,
      Math.min(flat.width - 1, round * FACE_DENSITY),
      0,
      1,
      flat.height,
      frame.x + dx,
      frame.top + sag,
      1.5,
      frame.height,
    );
  }
}

function shade(brush: CanvasRenderingContext2D, frame: Frame): void {
  const light = brush.createLinearGradient(frame.x - frame.radius, 0, frame.x + frame.radius, 0);
  light.addColorStop(0, 'rgba(34, 37, 43, 0.34)');
  light.addColorStop(0.3, 'rgba(34, 37, 43, 0)');
  light.addColorStop(0.65, 'rgba(34, 37, 43, 0.03)');
  light.addColorStop(1, 'rgba(34, 37, 43, 0.4)');
  bodyPath(brush, frame);
  brush.fillStyle = light;
  brush.fill();
  brush.strokeStyle = '#8d877c';
  brush.lineWidth = 1;
  brush.stroke();
  brush.beginPath();
  brush.ellipse(frame.x, frame.top, frame.radius, frame.radius * RIM_FLATNESS, 0, 0, 2 * Math.PI);
  brush.fillStyle = '#d9d3c7';
  brush.fill();
  brush.stroke();
}

/** Draws a mug to fill a canvas, seen with `facingMm` of its face towards the viewer. */
export function drawMug(canvas: HTMLCanvasElement, mug: Mug): void {
  const brush = canvas.getContext('2d');
  if (!brush || mug.face.widthMm <= 0) return;
  const diameterMm = mug.circumferenceMm / Math.PI;
  const scale = Math.min(
    canvas.width / (diameterMm * 1.75),
    canvas.height / (mug.face.heightMm * 1.06 + diameterMm * RIM_FLATNESS),
  );
  const radius = Math.round((diameterMm / 2) * scale);
  const height = mug.face.heightMm * scale;
  const frame: Frame = {
    x: Math.round(canvas.width / 2),
    top: (canvas.height - height) / 2,
    radius,
    height,
  };
  const toHandle = mug.face.widthMm + mug.handleGapMm / 2 - mug.facingMm;
  const handleAngle = (2 * Math.PI * toHandle) / mug.circumferenceMm;
  const inFront = Math.cos(handleAngle) > 0;
  brush.clearRect(0, 0, canvas.width, canvas.height);
  if (mug.handleGapMm > 0 && !inFront) drawHandle(brush, frame, handleAngle, mug.colour);
  bodyPath(brush, frame);
  brush.fillStyle = mug.colour;
  brush.fill();
  bendFace(brush, frame, mug, flatFace(mug));
  shade(brush, frame);
  if (mug.handleGapMm > 0 && inFront) drawHandle(brush, frame, handleAngle, mug.colour);
}
