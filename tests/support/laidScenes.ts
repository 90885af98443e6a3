import type { Box } from '@/core/geometry';
import { bottom, right } from '@/core/geometry';
import { expectedLaid, expectedSheet, type Expected } from '@/core/look';
import type { JobPlan } from '@/core/plan';
import { layTogether, turnedOver, whiteRaster, type Raster } from '@/core/proof';
import { dulled, type LyingSheet } from '@/devices';
import { artPng, type ArtKind } from './laidArt';
import { artOf, printToFile, renderPages } from './printed';
import { jobOn, shelf } from './jobs';

/** What a kind of art is tried on: a blank, and whether it is looked at as one sheet or as tiles laid together. */
const ON: Readonly<Record<ArtKind, { blank: string; px: readonly [number, number] }>> = {
  wrap: { blank: 'mug-12oz', px: [2700, 1200] },
  chart: { blank: 'wall-panel', px: [3000, 4500] },
  faint: { blank: 'wall-panel', px: [3000, 4500] },
  badge: { blank: 'round-coaster', px: [1300, 1300] },
  photo: { blank: 'mouse-mat', px: [2000, 1700] },
  repeat: { blank: 'mouse-mat', px: [2000, 1700] },
};

/** Everything a look is tried with: the plan, its printed pages printed side up, and what must be in sight. */
export interface Printed {
  readonly plan: JobPlan;
  /** Each page as it comes out, dull. */
  readonly pages: readonly Raster[];
  readonly expected: readonly Expected[];
  /** What is kept of each sheet once it is trimmed, mm of the page; for laid tiles where it lies in the picture. */
  readonly kept: readonly Box[];
}

const DPI = 150;

/** A job of one kind of art, planned and printed through the real file as an outside reader draws it. */
export async function printedOf(kind: ArtKind, seed: number): Promise<Printed> {
  const { blank, px } = ON[kind];
  const bytes = await artPng(kind, seed, ...px);
  const art = await artOf(bytes);
  const laid = kind === 'chart' || kind === 'faint';
  const base = jobOn(blank, art);
  const job = {
    ...base,
    placements: base.placements.map((each) => ({ ...each, sizing: { mode: 'cover' as const } })),
  };
  const { plan, path } = await printToFile(job, bytes, shelf);
  const pages = (await renderPages(path, DPI)).map((page) => dulled(page) as Raster);
  const later =
    plan.mirror.flippers.filter(({ who, flips }) => who !== 'file' && flips).length % 2 === 1;
  const out = later ? pages.map(turnedOver) : pages;
  const mirrored = plan.mirror.flips % 2 === 1;
  const [piece, tiling] = [plan.pieces[0], plan.tilings[0]];
  if (!piece) throw new Error('no piece');
  if (!laid || !tiling)
    return {
      plan,
      pages: out,
      expected: plan.sheets.map((sheet, i) => expectedSheet(sheet, out[i] as Raster, later)),
      kept: plan.sheets.map(({ widthMm, heightMm }) => ({
        x: 0,
        y: 0,
        width: widthMm,
        height: heightMm,
      })),
    };
  const prints = plan.sheets.map((sheet, i) => ({ sheet, print: pages[i] as Raster }));
  const whole = layTogether(piece, 0, prints, later ? 1 : 0, 3);
  const picture = mirrored ? turnedOver(whole) : whole;
  return {
    plan,
    pages: out,
    expected: [expectedLaid(tiling, picture, mirrored)],
    kept: plan.sheets.map(({ items, widthMm }) => {
      const [item] = items;
      const tile = item?.tile;
      if (!item || !tile) throw new Error('not a tile');
      // how far what is kept stands in from what is printed, on the page
      const inset = {
        left: tile.edges.left === 'cut' ? tile.shown.x - tile.printed.x : 0,
        right: tile.edges.right === 'cut' ? right(tile.printed) - right(tile.shown) : 0,
        top: tile.edges.top === 'cut' ? tile.shown.y - tile.printed.y : 0,
        bottom: tile.edges.bottom === 'cut' ? bottom(tile.printed) - bottom(tile.shown) : 0,
      };
      const box = later ? { ...item.box, x: widthMm - right(item.box) } : item.box;
      const flip = mirrored;
      const [before, after] = flip ? [inset.right, inset.left] : [inset.left, inset.right];
      return {
        x: box.x + before,
        y: box.y + inset.top,
        width: box.width - before - after,
        height: box.height - inset.top - inset.bottom,
      };
    }),
  };
}

/** Sheets as they lie where they must: untrimmed and alone, or trimmed and laid one over the other. */
export function laidAsMust({ plan, pages, expected, kept }: Printed, which = 0): LyingSheet[] {
  const [first] = expected;
  if (first?.kind !== 'laid') {
    const print = pages[which] ?? whiteRaster(10, 10, 1);
    const own = kept[which];
    if (!own) throw new Error('no such sheet');
    return [{ print, kept: own, at: { x: 0, y: 0 }, turn: 0, scale: 1 }];
  }
  const mirrored = plan.mirror.flips % 2 === 1;
  const widthMm = first.picture.width / first.picture.pxPerMm;
  return plan.sheets.flatMap(({ items }, i) => {
    const tile = items[0]?.tile;
    const [own, print] = [kept[i], pages[i]];
    if (!tile || !own || !print) return [];
    // what is kept reaches beyond what is seen where it goes under a neighbour
    const seen = tile.shown;
    const left = tile.edges.left === 'under' ? seen.x - tile.printed.x : 0;
    const rightBeyond = tile.edges.right === 'under' ? right(tile.printed) - right(seen) : 0;
    const top = tile.edges.top === 'under' ? seen.y - tile.printed.y : 0;
    const box = mirrored ? { x: widthMm - right(seen), y: seen.y } : { x: seen.x, y: seen.y };
    const x = box.x - (mirrored ? rightBeyond : left);
    const y = box.y - top;
    return [{ print, kept: own, at: { x: x - own.x, y: y - own.y }, turn: 0, scale: 1 }];
  });
}
