import { midCircumferenceMm, type Face, type Wall } from '@/core/blank';
import type { Box } from '@/core/geometry';

interface Mug {
  readonly face: Face;
  readonly pictures: readonly { image: CanvasImageSource; box: Box }[];
  readonly facingMm: number;
  readonly colour: string;
  readonly wall: Wall;
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
  readonly rimRadius: number;
  readonly baseRadius: number;
  readonly height: number;
}

function bodyPath(brush: CanvasRenderingContext2D, frame: Frame): void {
  const { x, top, rimRadius, baseRadius, height } = frame;
  brush.beginPath();
  brush.moveTo(x - rimRadius, top);
  brush.lineTo(x - baseRadius, top + height);
  brush.ellipse(x, top + height, baseRadius, baseRadius * RIM_FLATNESS, 0, Math.PI, 0, true);
  brush.lineTo(x + rimRadius, top);
  brush.ellipse(x, top, rimRadius, rimRadius * RIM_FLATNESS, 0, 0, Math.PI, false);
}

function drawHandle(
  brush: CanvasRenderingContext2D,
  frame: Frame,
  angle: number,
  colour: string,
): void {
  const side = Math.sin(angle);
  const middle = (frame.rimRadius + frame.baseRadius) / 2;
  const reach = middle * 0.62 * side;
  const rootAt = (share: number) =>
    frame.x + (frame.rimRadius + (frame.baseRadius - frame.rimRadius) * share) * side * 0.97;
  const [upper, lower] = [rootAt(0.22), rootAt(0.76)];
  for (const [width, stroke] of [
    [middle * 0.2, '#b9b2a4'],
    [middle * 0.17, colour],
  ] as const) {
    brush.strokeStyle = stroke;
    brush.lineWidth = width;
    brush.lineCap = 'round';
    brush.beginPath();
    brush.moveTo(upper, frame.top + frame.height * 0.22);
    brush.bezierCurveTo(
      upper + reach * 1.3,
      frame.top + frame.height * 0.12,
      lower + reach * 1.3,
      frame.top + frame.height * 0.9,
      lower,
      frame.top + frame.height * 0.76,
    );
    brush.stroke();
  }
}

/**
 * One screen column of the rim at a time: the angle under it picks the column of the flat face; on a
 * tapered wall the column leans in by shear.
 */
function bendFace(
  brush: CanvasRenderingContext2D,
  frame: Frame,
  mug: Mug,
  flat: OffscreenCanvas,
): void {
  const around = midCircumferenceMm(mug.wall);
  const widest = Math.round(Math.max(frame.rimRadius, frame.baseRadius));
  brush.save();
  for (let dx = -widest; dx < widest; dx++) {
    const share = Math.max(-1, Math.min(1, (dx + 0.5) / widest));
    const along = mug.facingMm + (around / (2 * Math.PI)) * Math.asin(share);
    const round = ((along % around) + around) % around;
    if (round > mug.face.widthMm) continue;
    const sag = RIM_FLATNESS * Math.sqrt(1 - share * share);
    const lean = ((frame.baseRadius - frame.rimRadius) * share) / frame.height;
    const fall = (sag * (frame.baseRadius - frame.rimRadius)) / frame.height;
    brush.setTransform(
      1,
      0,
      lean,
      1 + fall,
      frame.x + frame.rimRadius * share,
      frame.top + sag * frame.rimRadius,
    );
    const column = Math.min(flat.width - 1, round * FACE_DENSITY);
    brush.drawImage(flat, column, 0, 1, flat.height, 0, 0, 1.5, frame.height);
  }
  brush.restore();
}

function shade(brush: CanvasRenderingContext2D, frame: Frame): void {
  const widest = Math.max(frame.rimRadius, frame.baseRadius);
  const light = brush.createLinearGradient(frame.x - widest, 0, frame.x + widest, 0);
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
  brush.ellipse(
    frame.x,
    frame.top,
    frame.rimRadius,
    frame.rimRadius * RIM_FLATNESS,
    0,
    0,
    2 * Math.PI,
  );
  brush.fillStyle = '#d9d3c7';
  brush.fill();
  brush.stroke();
}

/** Draws a mug to fill a canvas, seen with `facingMm` of its face towards the viewer. */
export function drawMug(canvas: HTMLCanvasElement, mug: Mug): void {
  const brush = canvas.getContext('2d');
  if (!brush || mug.face.widthMm <= 0) return;
  const { wall, face } = mug;
  const [rimMm, baseMm] = [wall.rimCircumferenceMm, wall.baseCircumferenceMm].map(
    (c) => c / Math.PI,
  ) as [number, number];
  const widestMm = Math.max(rimMm, baseMm);
  const heightMm = Math.sqrt(Math.max(1, wall.slantMm ** 2 - ((rimMm - baseMm) / 2) ** 2));
  const scale = Math.min(
    canvas.width / (widestMm * 1.75),
    canvas.height / (heightMm * 1.06 + widestMm * RIM_FLATNESS),
  );
  const height = heightMm * scale;
  const frame: Frame = {
    x: Math.round(canvas.width / 2),
    top: (canvas.height - height) / 2,
    rimRadius: (rimMm / 2) * scale,
    baseRadius: (baseMm / 2) * scale,
    height,
  };
  const toHandle = face.widthMm + wall.handleGapMm / 2 - mug.facingMm;
  const handleAngle = (2 * Math.PI * toHandle) / midCircumferenceMm(wall);
  const inFront = Math.cos(handleAngle) > 0;
  brush.clearRect(0, 0, canvas.width, canvas.height);
  if (wall.handleGapMm > 0 && !inFront) drawHandle(brush, frame, handleAngle, mug.colour);
  bodyPath(brush, frame);
  brush.fillStyle = mug.colour;
  brush.fill();
  bendFace(brush, frame, mug, flatFace(mug));
  shade(brush, frame);
  if (wall.handleGapMm > 0 && inFront) drawHandle(brush, frame, handleAngle, mug.colour);
}
