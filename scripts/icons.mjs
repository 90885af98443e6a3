// npm run icons: draws the app's icons as PNG from its one SVG; run it when that changes.
import { mkdirSync, readFileSync } from 'node:fs';
import sharp from 'sharp';
import { ROOT } from './ensure.mjs';

const PAPER = '#FBF8F2';
const svg = readFileSync(`${ROOT}/src/app/icon.svg`);
const to = `${ROOT}/public/icons`;
mkdirSync(to, { recursive: true });

const drawn = (px) =>
  sharp(svg, { density: (72 * px) / 32 })
    .resize(px, px)
    .png();
await drawn(192).toFile(`${to}/192.png`);
await drawn(512).toFile(`${to}/512.png`);
// what a phone may cut round: the mark within the middle 80 % (W3C, Web Application Manifest, maskable icons)
const [side, mark] = [512, 352];
await sharp({ create: { width: side, height: side, channels: 3, background: PAPER } })
  .composite([{ input: await drawn(mark).toBuffer() }])
  .png()
  .toFile(`${to}/512-maskable.png`);
