'use client';

import { TEST_PICTURE_MM } from '@/core/job';
import { FONTS } from '@/ui/theme';

/** Dots a mm: 300 an inch, as sheets are printed. */
const DOTS_PER_MM = 300 / 25.4;

/** Colours that show pale and overdone heat first, then a row of greys (own choice). */
const COLOURS = ['#00a0dc', '#d4007a', '#f5c400', '#d62a1e', '#1d8a3a', '#2b3a8f'];
const GREYS = ['#000000', '#4d4d4d', '#808080', '#b3b3b3', '#d9d9d9', '#f2f2f2'];

function brushOn(px: number) {
  const canvas = new OffscreenCanvas(px, px);
  const brush = canvas.getContext('2d');
  if (!brush) throw new Error('This browser cannot draw the test picture.');
  brush.textAlign = 'center';
  brush.textBaseline = 'middle';
  return { canvas, brush };
}

/**
 * The picture of one test piece: colours, greys and fine lines, with its letter and what it is pressed at; of what is
 * cut from one colour a full square, its letter left out of it.
 */
export async function drawTestPicture(name: string, cut: boolean): Promise<Blob> {
  const px = Math.round(TEST_PICTURE_MM * DOTS_PER_MM);
  const { canvas, brush } = brushOn(px);
  const [letter = '', ...said] = name.split(' ');
  await document.fonts.load(`700 ${px / 3}px ${FONTS.text}`);
  const write = (words: string, size: number, y: number) => {
    brush.font = `700 ${size * px}px ${FONTS.text}`;
    brush.fillText(words, px / 2, y * px, 0.94 * px);
  };
  if (cut) {
    brush.fillRect(0, 0, px, px);
    brush.globalCompositeOperation = 'destination-out';
    write(letter, 0.7, 0.52);
    return canvas.convertToBlob({ type: 'image/png' });
  }
  brush.fillStyle = '#ffffff';
  brush.fillRect(0, 0, px, px);
  [COLOURS, GREYS].forEach((row, r) =>
    row.forEach((colour, i) => {
      brush.fillStyle = colour;
      brush.fillRect((i * px) / row.length, r * 0.27 * px, px / row.length + 1, 0.27 * px);
    }),
  );
  brush.fillStyle = '#000000';
  for (let i = 0; i < 12; i++)
    brush.fillRect((0.04 + 0.08 * i) * px, 0.56 * px, (0.004 + 0.002 * i) * px, 0.07 * px);
  write(letter, 0.2, 0.76);
  write(said.join(' '), 0.11, 0.92);
  return canvas.convertToBlob({ type: 'image/png' });
}
