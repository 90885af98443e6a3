/**
 * The round trip: the PDF is read by Poppler, its pages are trimmed and laid by the printed plan alone,
 * and what lies on the blank is the picture that was meant, or the comparison says what went wrong.
 */
import sharp from 'sharp';
import { compare, faultsOf, insideOf, layTogether, sampleInto, type Raster } from '@/core/proof';
import { warpRows } from '@/core/layout';
import type { Job, SheetChoices } from '@/core/model';
import { pageOf, type Sheet } from '@/core/sheet';
import { simulatePrint, type DriverSettings } from '@/devices';
import { covering, jobOn, onLatteCup, shelf, times, withForm } from '../support/jobs';
import { pngPicture } from '../support/pictures';
import { artOf, jobWith, printToFile, renderPages, type Printed } from '../support/printed';

const DPI = 75;
const PX_PER_MM = DPI / 25.4;

const withSheet = (job: Job, part: Partial<SheetChoices>): Job => ({
  ...job,
  sheet: { ...job.sheet, ...part },
});

/** The piece as it is meant, straight from the picture file: sharp scales it, nothing of the plan's pages is used. */
async function meantPiece(
  { piece: whole }: Pick<Printed, 'piece'>,
  bytes: Buffer,
): Promise<Raster> {
  const [art] = whole.arts;
  if (!art) throw new Error('no picture');
  const width = Math.max(1, Math.round(whole.widthMm * PX_PER_MM));
  const height = Math.max(1, Math.round(whole.heightMm * PX_PER_MM));
  if (whole.bend) {
    const { data, info } = await sharp(bytes)
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const pixels = { ...info, data, orientation: 1 };
    const rgba = warpRows(whole, new Map([[art.artSha256, pixels]]), PX_PER_MM, 0, height);
    const white = await sharp(rgba, { raw: { width, height, channels: 4 } })
      .flatten({ background: '#fff' })
      .ensureAlpha()
      .raw()
      .toBuffer();
    return { data: white, width, height, pxPerMm: PX_PER_MM };
  }
  const { x, y } = art.box;
  const [w, h] = [art.box.width, art.box.height].map((mm) => Math.round(mm * PX_PER_MM));
  const scaled = await sharp(bytes).resize(w, h, { fit: 'fill' }).ensureAlpha().raw().toBuffer();
  const [wide, high] = [w ?? 1, h ?? 1];
  const across = wide / art.box.width;
  const picture = { data: scaled, width: wide, height: high, pxPerMm: across };
  const out = new Uint8ClampedArray(width * height * 4);
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      const u = (column + 0.5) / PX_PER_MM - x;
      const v = (((row + 0.5) / PX_PER_MM - y) * (high / art.box.height)) / across;
      sampleInto(picture, u, v, out, (row * width + column) * 4);
    }
  return { data: out, width, height, pxPerMm: PX_PER_MM };
}

/** What the file says, printed by a printer that does what is right. */
const asPlanned = (sheet: Sheet): DriverSettings => ({
  mirror: false,
  fitToPage: false,
  paper: sheet,
});
const STEADY = { mirrorsOnItsOwn: false, barMm: { across: 100, along: 100 } };

/** Share of the laid picture that differs from what was meant by more than anti-aliasing. */
async function shareOff(
  printed: Printed,
  bytes: Buffer,
  settings: (sheet: Sheet) => DriverSettings = asPlanned,
  copy = 0,
): Promise<number> {
  const pages = await renderPages(printed.path, DPI);
  const prints = printed.plan.sheets.map((sheet, i) => {
    const page = pages[i];
    if (!page) throw new Error('a page is missing');
    return { sheet, print: simulatePrint(page, settings(sheet), STEADY) };
  });
  const { piece } = printed;
  const got = layTogether(piece, copy, prints, 0, PX_PER_MM);
  const meant = await meantPiece(printed, bytes);
  return compare(got, meant, insideOf(piece, got)).share;
}

/** What anti-aliasing at the edges of clips leaves, share of all pixels. */
const EDGES_ONLY = 0.008;

test.each(['one', 'both'] as const)(
  'a panel of 24 × 36 in on letter, trimming %s of each pair, is one picture again',
  async (trim) => {
    const bytes = await pngPicture(1200, 1800);
    const job = covering(jobOn('wall-panel', await artOf(bytes)));
    const printed = await printToFile(withSheet(job, { tile: { overlapMm: 6.35, trim } }), bytes);
    expect(printed.plan.sheets.length).toBe(12);
    expect(await shareOff(printed, bytes)).toBeLessThan(EDGES_ONLY);
  },
);

test('a wrap over two sheets is one picture again', async () => {
  const bytes = await pngPicture(1200, 400);
  const job = await jobWith(bytes, (plain) =>
    covering(withForm(plain, { girthMm: 300, handleGapMm: 0 })),
  );
  const printed = await printToFile(job, bytes);
  expect(printed.plan.sheets.length).toBe(2);
  expect(await shareOff(printed, bytes)).toBeLessThan(EDGES_ONLY);
});

test('copies that share sheets, some of them turned, are each the picture', async () => {
  const bytes = await pngPicture(600, 400);
  const mat = { widthMm: 150, heightMm: 50, cornerRadiusMm: 0 };
  const job = covering(jobOn('mouse-mat', await artOf(bytes), mat));
  const printed = await printToFile(times(job, 8), bytes);
  const items = printed.plan.sheets.flatMap((sheet) => sheet.items);
  expect(items.map(({ copy }) => copy).sort()).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
  expect(printed.plan.sheets.length).toBeLessThan(4);
  expect(items.some(({ turned }) => turned)).toBe(true);
  for (let copy = 0; copy < 8; copy++)
    // narrow pieces have more edge for their area
    expect(await shareOff(printed, bytes, asPlanned, copy)).toBeLessThan(1.5 * EDGES_ONLY);
});

test('a sector tiled over several sheets is one picture again', async () => {
  const bytes = await pngPicture(900, 500);
  const job = await jobWith(bytes, (plain) => covering(onLatteCup(plain)));
  const printed = await printToFile(withSheet(job, { paperId: 'letter' }), bytes);
  expect(await shareOff(printed, bytes)).toBeLessThan(2 * EDGES_ONLY);
});

describe('wrong driver settings', () => {
  const printed = (async () => {
    const bytes = await pngPicture(700, 320);
    const job = await jobWith(bytes, covering);
    const done = await printToFile(job, bytes);
    const [page] = await renderPages(done.path, DPI);
    if (!page) throw new Error('no page');
    return { done, page, bytes };
  })();
  const letter = shelf.papers.find(({ id }) => id === 'letter');
  const a4 = shelf.papers.find(({ id }) => id === 'a4');
  const [printer] = shelf.printers;
  const wide = { ...printer, marginsMm: { top: 3, right: 3, bottom: 3, left: 60 } };

  const SETTINGS: readonly [string, (sheet: Sheet) => DriverSettings, string[]][] = [
    ['all as planned', asPlanned, []],
    [
      'mirror on though the file is mirrored',
      (s) => ({ ...asPlanned(s), mirror: true }),
      ['mirrored'],
    ],
    ['fit to page', (s) => ({ ...asPlanned(s), fitToPage: true }), ['scaled']],
    [
      'another paper in the tray',
      (s) => ({ ...asPlanned(s), paper: pageOf(a4 as never, printer as never, s.orientation) }),
      ['paper'],
    ],
    [
      'margins wider than the profile says',
      (s) => ({
        ...asPlanned(s),
        paper: pageOf(letter as never, wide as never, 'portrait') && {
          ...s,
          printable: { x: 40, y: 3, width: s.widthMm - 80, height: s.heightMm - 6 },
        },
      }),
      ['clipped'],
    ],
  ];

  test.each(SETTINGS)('%s: exactly that is reported', async (_, settings, kinds) => {
    const { done, page } = await printed;
    const print = simulatePrint(page, settings(done.sheet), STEADY);
    expect(faultsOf(page, print).map(({ kind }) => kind)).toEqual(kinds);
  });

  test('mirrored and scaled at once are both reported, with the size measured', async () => {
    const { done, page } = await printed;
    const settings = { ...asPlanned(done.sheet), mirror: true, fitToPage: true };
    const faults = faultsOf(page, simulatePrint(page, settings, STEADY));
    expect(faults.map(({ kind }) => kind)).toEqual(['mirrored', 'scaled']);
    const meant = done.sheet.printable.height / done.sheet.heightMm;
    expect(faults[1]?.kind === 'scaled' && faults[1].scale).toBeCloseTo(meant, 2);
  });

  test('and the picture on the blank is not the one that was meant', async () => {
    const { done, bytes } = await printed;
    expect(await shareOff(done, bytes)).toBeLessThan(EDGES_ONLY);
    const mirrored = (s: Sheet) => ({ ...asPlanned(s), mirror: true });
    expect(await shareOff(done, bytes, mirrored)).toBeGreaterThan(0.1);
    const fitted = (s: Sheet) => ({ ...asPlanned(s), fitToPage: true });
    expect(await shareOff(done, bytes, fitted)).toBeGreaterThan(0.1);
  });
});

test('a printer whose bar measured 99.2 mm prints true once that is entered', async () => {
  const bytes = await pngPicture(700, 320);
  const habits = { mirrorsOnItsOwn: false, barMm: { across: 99.2, along: 98.7 } };
  const job = await jobWith(bytes, covering);
  const off = await printToFile(job, bytes);
  const [printer] = shelf.printers;
  if (!printer) throw new Error('no printer');
  const measured = {
    ...shelf,
    printers: [{ ...printer, barMm: habits.barMm }, ...shelf.printers.slice(1)],
  };
  const right = await printToFile(job, bytes, measured);
  // what 100 mm on the paper was meant to be: the width of the wrap, printed
  const share = async ({ path, plan, piece }: Printed) => {
    const [page] = await renderPages(path, DPI);
    const [sheet] = plan.sheets;
    if (!page || !sheet) throw new Error('no page');
    const flat = { across: habits.barMm.along, along: habits.barMm.across };
    const print = simulatePrint(page, asPlanned(sheet), { ...habits, barMm: flat });
    const got = layTogether(piece, 0, [{ sheet, print }], 0, PX_PER_MM);
    return compare(got, await meantPiece({ piece }, bytes)).share;
  };
  expect(await share(off)).toBeGreaterThan(0.03);
  expect(await share(right)).toBeLessThan(EDGES_ONLY);
});
