import { bottom, right } from '@/core/geometry';
import { sampleInto, whiteRaster, type Raster } from '@/core/proof';
import type { Page } from '@/core/sheet';

/** What is set in the print dialog, and what lies in the tray. */
export interface DriverSettings {
  readonly mirror: boolean;
  readonly fitToPage: boolean;
  /** The paper in the tray as it lies under the print, and what the printer reaches of it. */
  readonly paper: Pick<Page, 'widthMm' | 'heightMm' | 'printable'>;
}

/** What a printer does whatever is set. */
export interface PrinterHabits {
  readonly mirrorsOnItsOwn: boolean;
  /** What it makes of 100 mm, across and along, mm. */
  readonly barMm: { readonly across: number; readonly along: number };
}

/** How the page comes to lie on the paper: by how much it is scaled and where its corner goes, mm. */
function placing(page: Raster, { fitToPage, paper: { printable } }: DriverSettings) {
  if (!fitToPage) return { scale: 1, x: 0, y: 0 };
  const [wide, high] = [page.width / page.pxPerMm, page.height / page.pxPerMm];
  const scale = Math.min(printable.width / wide, printable.height / high);
  return {
    scale,
    x: printable.x + (printable.width - wide * scale) / 2,
    y: printable.y + (printable.height - high * scale) / 2,
  };
}

/**
 * A simulated printer: takes a page of the PDF as pixels and gives the paper that would come out, with
 * what driver and printer do to it. Nothing is printed beyond its margins.
 */
export function simulatePrint(
  page: Raster,
  settings: DriverSettings,
  habits: PrinterHabits,
): Raster {
  const { paper } = settings;
  const { printable } = paper;
  const { barMm } = habits;
  const out = whiteRaster(paper.widthMm, paper.heightMm, page.pxPerMm);
  const { scale, x: left, y: top } = placing(page, settings);
  const flips = Number(settings.mirror) + Number(habits.mirrorsOnItsOwn);
  const pageWide = page.width / page.pxPerMm;
  const [sx, sy] = [(scale * barMm.across) / 100, (scale * barMm.along) / 100];
  for (let row = 0; row < out.height; row++) {
    const y = (row + 0.5) / out.pxPerMm;
    if (y < printable.y || y > bottom(printable)) continue;
    for (let column = 0; column < out.width; column++) {
      const x = (column + 0.5) / out.pxPerMm;
      if (x < printable.x || x > right(printable)) continue;
      const onPage = (x - left) / sx;
      const from = flips % 2 === 1 ? pageWide - onPage : onPage;
      sampleInto(page, from, (y - top) / sy, out.data, (row * out.width + column) * 4);
    }
  }
  return out;
}

/** How much of a colour's strength shows on paper before it is pressed: dye looks dull (from memory). */
const DULL = 0.55;

/** The print as it looks on paper, before heat brings the dye up. */
export function dulled(print: Raster): Raster {
  const data = new Uint8ClampedArray(print.data.length);
  for (let at = 0; at < data.length; at += 4) {
    const r = print.data[at] ?? 255;
    const g = print.data[at + 1] ?? 255;
    const b = print.data[at + 2] ?? 255;
    const grey = (r + g + b) / 3;
    for (let i = 0; i < 3; i++) {
      const value = print.data[at + i] ?? 255;
      const flat = (value + grey) / 2;
      data[at + i] = 255 - (255 - flat) * DULL;
    }
    data[at + 3] = 255;
  }
  return { ...print, data };
}
