import { takeInLine } from './lettering';
import { takeInPicture } from './takeIn';

/** Wide enough that browsers compile the loops over its pixels, and small enough to be done in a tenth of a second. */
const WIDTH_PX = 640;
const HEIGHT_PX = 400;
/** Measuring a picture is compiled well only where it has run more than once. */
const TIMES = 2;

function canvasOf() {
  const canvas = new OffscreenCanvas(WIDTH_PX, HEIGHT_PX);
  const brush = canvas.getContext('2d');
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  return { canvas, brush };
}

/** A ring of ink with soft edges, as a letter has. */
function ring(): ImageBitmap {
  const { canvas, brush } = canvasOf();
  brush.lineWidth = HEIGHT_PX / 4;
  brush.ellipse(WIDTH_PX / 2, HEIGHT_PX / 2, WIDTH_PX / 3, HEIGHT_PX / 3, 0, 0, 2 * Math.PI);
  brush.stroke();
  return canvas.transferToImageBitmap();
}

/** Many colours side by side and blended, as in a photograph. */
function manyColours(): Promise<Blob> {
  const { canvas, brush } = canvasOf();
  for (let x = 0; x < WIDTH_PX; x += 8) {
    const shade = brush.createLinearGradient(0, 0, 0, HEIGHT_PX);
    shade.addColorStop(0, `hsl(${x * 7} 80% 30%)`);
    shade.addColorStop(1, `hsl(${x * 3} 60% 80%)`);
    brush.fillStyle = shade;
    brush.fillRect(x, 0, 8, HEIGHT_PX);
  }
  return canvas.convertToBlob({ type: 'image/jpeg' });
}

let rehearsed: Promise<void> | null = null;

async function perform(): Promise<void> {
  await takeInLine({ bitmap: ring(), perInch: 300, label: 'Rehearsal' });
  const photo = await manyColours();
  for (let i = 0; i < TIMES; i++) await takeInPicture(photo, 'Rehearsal', () => undefined);
  await (await import('./printing')).rehearsePrint();
  const [{ zipped }] = await Promise.all([import('@/files/zipped'), import('@/files/jobFile')]);
  const parts = [
    { name: 'text', holds: 'Rehearsal' },
    { name: 'picture', holds: photo },
  ];
  await zipped(parts, new Date());
}

/**
 * Does in small, once, what the next task is likely to do, and keeps nothing of it: code that has run is code that browsers
 * have compiled. What takes a picture in, writes a print file and packs a job is loaded by it.
 */
export const rehearse = (): Promise<void> => (rehearsed ??= perform());
