import type { Artwork, Job } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import { TRADE_UNITS } from '@/words/units';
import { checkWords } from '@/words';
import { demoJobs } from '@/demo/jobs';
import { artwork, NOW } from './jobs';
import { pieceWords } from '@/words';

const side = (storedWidthPx: number, storedHeightPx: number, name: string, nth: number): Artwork =>
  artwork({ sha256: String(nth).repeat(64), name, storedWidthPx, storedHeightPx });

/** The demo's jobs on pictures of the demo's sizes. */
export const goldenJobs = (): Job[] =>
  demoJobs(
    {
      comet: side(2480, 1100, 'comet.png', 1),
      moons: side(2400, 700, 'moons.png', 2),
      horizon: side(1700, 1000, 'horizon.png', 3),
      badge: side(1200, 1200, 'badge.png', 4),
      back: side(1200, 1200, 'back.png', 5),
      star: side(500, 500, 'star.png', 6),
      chart: side(2400, 3600, 'chart.jpg', 7),
    },
    NOW,
  );

const mm = (value: number): number => Number(value.toFixed(3));

/** What a plan means to the person: sizes, sheets, figures, findings; not how it is stored. */
export const meaningOf = (plan: JobPlan) => ({
  faces: plan.faces.map(({ id, widthMm, heightMm }) => [id, mm(widthMm), mm(heightMm)]),
  pieces: plan.pieces.map((p) => [
    pieceWords(p),
    mm(p.widthMm),
    mm(p.heightMm),
    p.copies,
    p.arts.length,
  ]),
  sheets: plan.sheets.map(({ paper, orientation, items }) => [
    ...[paper, orientation],
    ...items.map(({ box }) => [box.x, box.y, box.width, box.height].map(mm).join(' ')),
  ]),
  mirror: [plan.mirror.by, plan.mirror.flips],
  heat: [
    plan.press.settings.temperatureC === null ? null : mm(plan.press.settings.temperatureC),
    ...[plan.press.settings.dwellS, plan.press.settings.pressure, plan.press.timer.length],
    ...plan.press.sides.map(({ faceId, sections }) => `${faceId} ${sections.length}`),
  ],
  checks: plan.checks.map((check) => [
    ...[check.id, check.level],
    checkWords(check, TRADE_UNITS).figure,
  ]),
});
