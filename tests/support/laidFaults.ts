import { bottom, right, type Box } from '@/core/geometry';
import type { Expected, LookFinding } from '@/core/look';
import { turnedOver } from '@/core/proof';
import { randomOf } from '@/core/random';
import type { LyingSheet, LyingThing, TableScene } from '@/devices';
import {
  allInked,
  at,
  groundOf,
  inked,
  inkedMm2,
  LETTER_MM2,
  painted,
  placeWhere,
} from './laidPlaces';
import { laidAsMust, type Printed } from './laidScenes';

const { floor, PI } = Math;

/** Something done wrong, once, as large as is to be found. */
export const FAULTS = [
  'mirrored', 'swapped', 'turned', 'missing', 'step', 'gap', 'size', 'border', 'clip', 'white-tape', 'amber-tape', 'lost',
] as const; // prettier-ignore
export type Fault = (typeof FAULTS)[number];

/** Which faults a lay-up, or a sheet alone, can have. */
export const faultsOf = ({ expected }: Printed): readonly Fault[] =>
  expected[0]?.kind === 'laid'
    ? FAULTS.filter((fault) => fault !== 'size' && fault !== 'clip')
    : (['mirrored', 'size', 'clip', 'white-tape', 'amber-tape', 'lost'] as const);

const TABLES: readonly (readonly [number, number, number])[] = [
  [120, 85, 60],
  [60, 64, 70],
  [150, 140, 120],
  [40, 90, 60],
];

export interface Faulty {
  readonly scene: TableScene;
  readonly which: number;
  /** Whether a finding is the fault. */
  readonly is: (finding: LookFinding) => boolean;
  /** Whether a finding tells of where the fault is: the tile it was done to, or the place. */
  readonly touches: (finding: LookFinding) => boolean;
}

const names = (finding: LookFinding, tiles: readonly (string | undefined)[]): boolean =>
  tiles.some(
    (tile) =>
      ('between' in finding && tile !== undefined && finding.between.includes(tile)) ||
      ('tile' in finding && finding.tile === tile),
  );

const meets = (finding: LookFinding, box: Box): boolean =>
  'box' in finding &&
  finding.box.x < right(box) &&
  box.x < right(finding.box) &&
  finding.box.y < bottom(box) &&
  box.y < bottom(finding.box);

/** The scene with one fault in it, or none; null where this art cannot have it. */
export function sceneOf(printed: Printed, fault: Fault | null, seed: number): Faulty | null {
  const random = randomOf(seed * 101 + (fault ? FAULTS.indexOf(fault) + 1 : 0));
  const which = floor(random() * printed.expected.length);
  const expected = printed.expected[which] as Expected;
  let sheets = laidAsMust(printed, which);
  const things: LyingThing[] = [];
  const table = TABLES[floor(random() * TABLES.length)] ?? TABLES[0] ?? [0, 0, 0];
  const scene = (): TableScene => ({
    sheets,
    things,
    table: table as [number, number, number],
    waveMm: 0.22,
  });
  const nth = floor(random() * sheets.length);
  const own = sheets[nth] as LyingSheet;
  const tile = expected.kind === 'laid' ? expected.parts[nth]?.name : undefined;
  const change = (part: Partial<LyingSheet>, of = nth) =>
    (sheets = sheets.map((sheet, i) => (i === of ? { ...sheet, ...part } : sheet)));
  const made = (is: Faulty['is'], touches = is): Faulty => ({ scene: scene(), which, is, touches });
  const sign = random() < 0.5 ? -1 : 1;
  const tape = (
    widthMm: number,
    colour: readonly [number, number, number],
    hides: number,
  ): Faulty | null => {
    const box = placeWhere(expected, random, [widthMm, 30], allInked(expected));
    if (!box) return null;
    things.push({ box, colour, hides });
    return made(
      (finding) =>
        (finding.code === 'bare' || finding.code === 'covered' || finding.code === 'clipped') &&
        meets(finding, box),
    );
  };
  switch (fault) {
    case null:
      return made(() => false);
    case 'mirrored': {
      sheets = sheets.map((sheet) => {
        const widthMm = sheet.print.width / sheet.print.pxPerMm;
        const all = expected.picture.width / expected.picture.pxPerMm;
        const kept = { ...sheet.kept, x: widthMm - right(sheet.kept) };
        return {
          ...sheet,
          print: turnedOver(sheet.print),
          kept,
          at: { x: all - sheet.at.x - right(sheet.kept) - kept.x, y: sheet.at.y },
        };
      });
      return made(({ code }) => code === 'mirrored');
    }
    case 'swapped': {
      const other = (nth + 1 + floor(random() * (sheets.length - 1))) % sheets.length;
      const two = sheets[other] as LyingSheet;
      const corner = ({ at, kept }: LyingSheet) => ({ x: at.x + kept.x, y: at.y + kept.y });
      const [a, b] = [corner(own), corner(two)];
      change({ at: { x: b.x - own.kept.x, y: b.y - own.kept.y } });
      change({ at: { x: a.x - two.kept.x, y: a.y - two.kept.y } }, other);
      return made(
        (finding) =>
          finding.code === 'tile-swapped' && (finding.tile === tile || finding.shows === tile),
        (finding) => names(finding, [tile, expected.parts[other]?.name]),
      );
    }
    case 'turned':
      change({ turn: PI });
      return made(
        (finding) => finding.code === 'tile-turned' && finding.tile === tile,
        (finding) => names(finding, [tile]),
      );
    case 'missing':
      sheets = sheets.filter((_, i) => i !== nth);
      return made(
        (finding) => finding.code === 'tile-missing' && finding.tile === tile,
        (finding) => names(finding, [tile]),
      );
    case 'step':
    case 'gap': {
      const seam = expected.seams.find(
        ({ between }) => tile !== undefined && between.includes(tile),
      );
      if (!seam) return null;
      const mm = sign * (fault === 'step' ? 0.8 : 0.6);
      const alongX = fault === 'step' ? !seam.upright : seam.upright;
      change({ at: { x: own.at.x + (alongX ? mm : 0), y: own.at.y + (alongX ? 0 : mm) } });
      return made(
        (finding) =>
          (finding.code === 'step' || finding.code === 'gap') &&
          finding.between.includes(tile ?? ''),
        (finding) => names(finding, [tile]),
      );
    }
    case 'size': {
      const scale = 1 + sign * (0.007 + 0.02 * random());
      change({ scale });
      return made(({ code }) => code === 'size');
    }
    case 'border': {
      const outer = expected.parts.flatMap((part, i) =>
        part.outer.map((side) => ({ part, side, i })),
      );
      const chosen = outer[floor(random() * outer.length)];
      const sheet = chosen && sheets[chosen.i];
      if (!chosen || !sheet) return null;
      const { kept } = sheet;
      const mm = 0.7 + random();
      const wider = {
        left: { x: kept.x - mm, width: kept.width + mm },
        right: { width: kept.width + mm },
        top: { y: kept.y - mm, height: kept.height + mm },
        bottom: { height: kept.height + mm },
      }[chosen.side];
      // beyond what is printed lies bare paper
      const page = {
        x: 0,
        y: 0,
        width: sheet.print.width / sheet.print.pxPerMm,
        height: sheet.print.height / sheet.print.pxPerMm,
      };
      const strip = {
        left: { ...page, width: kept.x },
        right: { ...page, x: right(kept), width: page.width - right(kept) },
        top: { ...page, height: kept.y },
        bottom: { ...page, y: bottom(kept), height: page.height - bottom(kept) },
      }[chosen.side];
      change(
        { kept: { ...kept, ...wider }, print: painted(sheet.print, strip, [255, 255, 255]) },
        chosen.i,
      );
      return made(
        (finding) =>
          finding.code === 'border' &&
          finding.tile === chosen.part.name &&
          finding.side === chosen.side,
        (finding) => names(finding, [chosen.part.name]),
      );
    }
    case 'clip': {
      const part = expected.parts[floor(random() * expected.parts.length)];
      if (!part) return null;
      const mm = 2.5 + random();
      const strip = random() < 0.5 ? { ...part.box, width: mm } : { ...part.box, height: mm };
      const middle = [0.2, 0.4, 0.5, 0.6, 0.8].filter((u) =>
        inked(at(expected.picture, strip.x + u * strip.width, strip.y + u * strip.height)),
      );
      if (middle.length < 4) return null;
      change({ print: painted(own.print, strip, [255, 255, 255]) });
      return made(
        (finding) =>
          (finding.code === 'clipped' || finding.code === 'bare') && meets(finding, strip),
        (finding) => meets(finding, strip),
      );
    }
    case 'white-tape':
      return tape(5, [250, 250, 248], 0.97);
    case 'amber-tape':
      return tape(8, [196, 140, 48], 0.6);
    case 'lost': {
      const box = placeWhere(
        expected,
        random,
        [6, 6],
        (each) => inkedMm2(expected, each) >= LETTER_MM2,
      );
      if (!box) return null;
      // on the table as it lies: painted over, not covered
      things.push({ box, colour: groundOf(expected, box), hides: 1 });
      return made(
        (finding) => (finding.code === 'bare' || finding.code === 'covered') && meets(finding, box),
        (finding) => meets(finding, box),
      );
    }
  }
}
