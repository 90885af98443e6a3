/**
 * The exported PDF against two independent readers (Poppler, pdfjs) and sharp. Units by
 * ISO 32000-1 §8.3.2.3: 1 pt = 1/72 in.
 */
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import sharp from 'sharp';
import type { Job, Placement } from '@/core/model';
import { oneColourPng } from '@/files/image';
import { clearPngPicture, discPicture, jpegPicture, pngPicture } from '@tests/support/pictures';
import {
  jobWith,
  printToFile,
  renderWithPoppler,
  shareBeyondAntialiasing,
  type Printed,
  type Rendered,
} from '@tests/support/printed';

const MM_PER_POINT = 25.4 / 72;

interface ReadPdf {
  printScaling: string | null;
  pages: { view: number[]; images: number[][]; texts: { str: string; transform: number[] }[] }[];
}

const readWithPdfjs = (path: string): ReadPdf =>
  JSON.parse(execFileSync('node', [join(__dirname, 'readPdf.mjs'), path]).toString()) as ReadPdf;

const placed =
  (placement: Partial<Placement>) =>
  (job: Job): Job => ({
    ...job,
    placements: job.placements.map((each) => ({ ...each, ...placement })),
  });

/** 4 × 1.75 in at 300 ppi, all of it on the piece, so that a printed dot is a pixel. */
const WIDTH = 1200;
const HEIGHT = 525;
const whole = placed({ sizing: { mode: 'exact', widthMm: 101.6, heightMm: 44.45, locked: true } });

/** The art's box on the page in mm, from the plan. */
function plannedBox({ item, piece, art }: Printed) {
  const { box } = art;
  const x = item.mirrored ? piece.widthMm - box.x - box.width : box.x;
  return { x: item.box.x + x, y: item.box.y + box.y, width: box.width, height: box.height };
}

/** The art as printed, cut out of the rendering and put the right way round again. */
async function cutOut(printed: Printed, page: Rendered, mirrored: boolean) {
  const box = plannedBox(printed);
  const [left, top] = [Math.round(box.x * page.pxPerMm), Math.round(box.y * page.pxPerMm)];
  const cut = sharp(page.data, {
    raw: { width: page.width, height: page.height, channels: 3 },
  }).extract({
    left,
    top,
    width: WIDTH,
    height: HEIGHT,
  });
  return (mirrored ? cut.flop() : cut).raw().toBuffer();
}

/** How a picture file is to look, by sharp: upright, on white. */
const asSeen = (bytes: Buffer) =>
  sharp(bytes)
    .rotate()
    .flatten({ background: '#fff' })
    .toColourspace('srgb')
    .removeAlpha()
    .raw()
    .toBuffer();

let png: Buffer;
let printed: Printed;
let page: Rendered;
beforeAll(async () => {
  png = await pngPicture(WIDTH, HEIGHT);
  printed = await printToFile(await jobWith(png, whole), png);
  page = await renderWithPoppler(printed.path);
});

test('the page box is US letter turned: 11 × 8.5 in are 792 × 612 pt', () => {
  const info = execFileSync('pdfinfo', ['-box', printed.path]).toString();
  expect(info).toMatch(/Page size:\s+792 x 612 pts \(letter\)/);
  expect(info).toMatch(/MediaBox:\s+0\.00\s+0\.00\s+792\.00\s+612\.00/);
  const read = readWithPdfjs(printed.path);
  expect(read.pages.map(({ view }) => view)).toEqual([[0, 0, 792, 612]]);
});

test('readers are asked not to scale the print', () => {
  expect(readWithPdfjs(printed.path).printScaling).toBe('None');
});

test('pdfjs finds the art at the planned place and size, mirrored, within 0.2 mm', () => {
  const [matrix] = readWithPdfjs(printed.path).pages[0]?.images ?? [];
  const [a = 0, b, c, d = 0, e = 0, f = 0] = matrix ?? [];
  const box = plannedBox(printed);
  expect([b, c]).toEqual([0, 0]);
  expect(a).toBeLessThan(0); // x runs backwards: flipped once
  expect(d).toBeGreaterThan(0); // and not upside down
  expect(Math.abs(-a * MM_PER_POINT - box.width)).toBeLessThan(0.2);
  expect(Math.abs(d * MM_PER_POINT - box.height)).toBeLessThan(0.2);
  expect(Math.abs((e + a) * MM_PER_POINT - box.x)).toBeLessThan(0.2);
  expect(Math.abs(215.9 - (f + d) * MM_PER_POINT - box.y)).toBeLessThan(0.2);
});

test('rendered at 300 dpi and mirrored back, it is the source but for anti-aliasing', async () => {
  const source = await asSeen(png);
  expect(
    shareBeyondAntialiasing(await cutOut(printed, page, true), source, WIDTH, HEIGHT),
  ).toBeLessThan(1e-4);
  // the comparison can fail: not mirrored back, most of it is wrong
  expect(
    shareBeyondAntialiasing(await cutOut(printed, page, false), source, WIDTH, HEIGHT),
  ).toBeGreaterThan(0.5);
});

test('inside the piece nothing is inked but the art', () => {
  const { item } = printed;
  const art = plannedBox(printed);
  const px = (mm: number) => Math.round(mm * page.pxPerMm);
  const edges = (box: typeof art, by: number) => ({
    left: px(box.x) - by,
    right: px(box.x + box.width) + by,
    top: px(box.y) - by,
    bottom: px(box.y + box.height) + by,
  });
  const piece = edges(item.box, -1);
  const inner = edges(art, 2);
  let stray = 0;
  for (let y = piece.top; y < piece.bottom; y++) {
    for (let x = piece.left; x < piece.right; x++) {
      const inArt = x >= inner.left && x <= inner.right && y >= inner.top && y <= inner.bottom;
      if (!inArt && (page.data[(y * page.width + x) * 3] ?? 0) < 250) stray++;
    }
  }
  expect(stray).toBe(0);
});

test('the check bar is 4 in long on paper: 1200 dots at 300 dpi', () => {
  const { marks } = printed.sheet;
  const y = Math.round((marks.foot?.bar.y ?? 0) * page.pxPerMm);
  const runs = [-1, 0, 1].map((dy) => {
    let [longest, current] = [0, 0];
    for (let x = 0; x < page.width; x++) {
      current = (page.data[((y + dy) * page.width + x) * 3] ?? 255) < 140 ? current + 1 : 0;
      longest = Math.max(longest, current);
    }
    return longest;
  });
  expect(Math.abs(Math.max(...runs) - 1200)).toBeLessThanOrEqual(2);
});

test('the label says what to set, and is flipped in the file when the driver flips the page', async () => {
  const labels = (path: string) =>
    readWithPdfjs(path).pages[0]?.texts.filter(({ str }) => str.includes('Print dialog')) ?? [];
  const [inFile] = labels(printed.path);
  expect(inFile?.str).toContain('mirror OFF');
  expect(inFile?.transform[0]).toBeGreaterThan(0);
  const byDriver = await jobWith(png, (job) => ({
    ...whole(job),
    sheet: { ...job.sheet, mirrorBy: 'driver' },
  }));
  const driven = await printToFile(byDriver, png);
  const [label] = labels(driven.path);
  expect(label?.str).toContain('mirror ON');
  const straight = await cutOut(driven, await renderWithPoppler(driven.path), false);
  expect(shareBeyondAntialiasing(straight, await asSeen(png), WIDTH, HEIGHT)).toBeLessThan(1e-4);
  expect(label?.transform[0]).toBeLessThan(0);
});

test.each([1, 2, 3, 4, 5, 6, 7, 8])(
  'a JPEG stored with EXIF orientation %d prints upright',
  async (orientation) => {
    const turned = orientation >= 5;
    const jpeg = await jpegPicture(turned ? HEIGHT : WIDTH, turned ? WIDTH : HEIGHT, orientation);
    const out = await printToFile(await jobWith(jpeg, whole), jpeg);
    const got = await cutOut(out, await renderWithPoppler(out.path), true);
    expect(shareBeyondAntialiasing(got, await asSeen(jpeg), WIDTH, HEIGHT, 24)).toBeLessThan(1e-3);
  },
);

test('JPEG bytes and opaque PNG streams go in untouched', async () => {
  const jpeg = await jpegPicture(WIDTH, HEIGHT);
  const out = await printToFile(await jobWith(jpeg, whole), jpeg);
  expect(out.pdf.includes(jpeg)).toBe(true);
  const idat = png.indexOf('IDAT') + 4;
  expect(printed.pdf.includes(png.subarray(idat, idat + 4000))).toBe(true);
});

test.each([
  ['grey goes in as it is', 'b-w', true],
  // readers differ by the inks they assume
  ['four inks is decoded, so that it prints as it was seen', 'cmyk', false],
] as const)('a JPEG in %s, and is the right way dark', async (_, space, untouched) => {
  const jpeg = await sharp(png).toColourspace(space).jpeg({ quality: 95 }).toBuffer();
  const out = await printToFile(await jobWith(jpeg, whole), jpeg);
  expect(out.pdf.includes(jpeg)).toBe(untouched);
  const got = await cutOut(out, await renderWithPoppler(out.path), true);
  const seen = await asSeen(jpeg);
  expect(shareBeyondAntialiasing(got, seen, WIDTH, HEIGHT, 24)).toBeLessThan(1e-2);
});

test('a PNG with a palette is printed in its colours', async () => {
  const palette = await sharp(png).png({ palette: true, colours: 64 }).toBuffer();
  const out = await printToFile(await jobWith(palette, whole), palette);
  const got = await cutOut(out, await renderWithPoppler(out.path), true);
  expect(shareBeyondAntialiasing(got, await asSeen(palette), WIDTH, HEIGHT)).toBeLessThan(1e-3);
});

/** What no compression makes smaller: a repeatable noise in all four channels. */
const noise = (width: number, height: number) => {
  let state = 1;
  const raw = Uint8Array.from(
    { length: width * height * 4 },
    () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) >>> 24,
  );
  return sharp(raw, { raw: { width, height, channels: 4 } });
};

test.each([
  ['RGBA, 8 bit, every kind of PNG filter', 'rgba', 8],
  ['RGBA, 16 bit', 'rgba', 16],
  ['grey with transparency', 'grey', 8],
  ['noise, which is stored without compressing', 'noise', 8],
] as const)(
  'taken out of the PDF by Poppler, a PNG is the source to the bit: %s',
  async (_, kind, bits) => {
    const colour = kind === 'noise' ? noise(400, 250) : sharp(await clearPngPicture(400, 250));
    const source = await (
      kind === 'grey'
        ? colour.toColourspace('b-w')
        : bits === 16
          ? colour.toColourspace('rgb16')
          : colour
    )
      .png({ adaptiveFiltering: true, compressionLevel: 9 })
      .toBuffer();
    const { path } = await printToFile(await jobWith(source), source);
    const out = path.replace(/\.pdf$/, '');
    execFileSync('pdfimages', ['-png', path, out]);
    const raw = (file: Buffer | string, ...channels: (0 | 1 | 2 | 3)[]) =>
      Promise.all(
        channels.map((c) => sharp(file).toColourspace('srgb').extractChannel(c).raw().toBuffer()),
      );
    const opacity = await raw(source, 3);
    expect(await raw(`${out}-001.png`, 0)).toEqual(opacity);
    expect(await raw(`${out}-000.png`, 0, 1, 2)).toEqual(await raw(source, 0, 1, 2));
  },
);

test('lettering kept as one colour comes out of the PDF to the bit, and is printed as sharp sees it', async () => {
  const opacity = await sharp(await discPicture(HEIGHT))
    .resize(WIDTH, HEIGHT, { fit: 'fill' })
    .extractChannel(3)
    .raw()
    .toBuffer();
  const size = { width: WIDTH, height: HEIGHT };
  const source = Buffer.concat(await oneColourPng({ ...size, colour: [43, 58, 122], opacity }));
  const out = await printToFile(await jobWith(source, whole), source);
  const files = out.path.replace(/\.pdf$/, '');
  execFileSync('pdfimages', ['-png', out.path, files]);
  const mask = await sharp(`${files}-001.png`).extractChannel(0).raw().toBuffer();
  expect(mask.equals(opacity)).toBe(true);
  const got = await cutOut(out, await renderWithPoppler(out.path), true);
  expect(shareBeyondAntialiasing(got, await asSeen(source), WIDTH, HEIGHT)).toBeLessThan(1e-3);
});

test('transparency lets the paper show', async () => {
  const clear = await clearPngPicture(WIDTH, HEIGHT);
  const out = await printToFile(await jobWith(clear, whole), clear);
  const got = await cutOut(out, await renderWithPoppler(out.path), true);
  expect(shareBeyondAntialiasing(got, await asSeen(clear), WIDTH, HEIGHT)).toBeLessThan(1e-3);
});
