import { facesOf } from '@/core/blank';
import { newJob, withArt } from '@/core/job';
import { USUAL_FOLD_GAP_MM } from '@/core/layout';
import {
  onPass,
  plainItem,
  type Artwork,
  type Blank,
  type Job,
  type Placement,
} from '@/core/model';
import { BUILT_IN_SHELF, TEE_WIDTHS_IN, withPass, withTransfer } from '@/core/shelf';
import { fahrenheitToC, inches } from '@/core/units';

/** One of something for each picture of the demo. */
export type DemoPictures<T> = Record<
  'comet' | 'moons' | 'horizon' | 'badge' | 'back' | 'star' | 'chart',
  T
>;

function blankOf(id: string): Blank {
  const blank = BUILT_IN_SHELF.blanks.find((each) => each.id === id);
  if (!blank) throw new Error(`The built-in shelf lacks “${id}”.`);
  return blank;
}

type Pictures = DemoPictures<Artwork>;

/** A job on a built-in blank with one picture. */
const start = (now: Date, id: string, name: string, blankId: string, picture: Artwork): Job =>
  withArt(newJob(id, name, blankOf(blankId), now), picture, 'placement-1');

/** Changes every placement of a job. */
const placed = (job: Job, change: (placement: Placement) => Partial<Placement>): Job => ({
  ...job,
  placements: job.placements.map((each) => ({ ...each, ...change(each) })),
});

const exact = (widthIn: number, ratio: number, locked = true): Placement['sizing'] => ({
  mode: 'exact',
  widthMm: inches(widthIn),
  heightMm: inches(widthIn / ratio),
  locked,
});

/** A full wrap, a motif, a tapered cup, a tumbler, and one cup with the usual mistakes. */
function cups(art: Pictures, now: Date): Job[] {
  const comet = start(now, 'demo-comet', 'Comet mug', 'mug-12oz', art.comet);
  const moons = start(now, 'demo-moons', 'Moon-phase mug', 'mug-12oz', art.moons);
  const latte = start(
    now,
    'demo-latte',
    'Latte cup for the night watch',
    'latte-12oz',
    art.horizon,
  );
  const tumbler = start(now, 'demo-tumbler', 'Horizon tumbler', 'tumbler-20oz', art.comet);
  const hurry = start(now, 'demo-horizon', 'Horizon mug, in a hurry', 'mug-12oz', art.horizon);
  return [
    placed(comet, () => ({ sizing: { mode: 'cover' } })),
    {
      ...placed(moons, () => ({
        sizing: { mode: 'exact', widthMm: inches(4.8), heightMm: inches(1.4), locked: true },
        at: { datum: 'right-holder', dxMm: inches(-0.7), dyMm: 0 },
      })),
      heat: { ...moons.heat, machineId: 'oven', coolSchool: 'A' },
    },
    {
      ...placed(latte, () => ({ sizing: exact(6.2, 1.7) })),
      heat: { ...latte.heat, machineId: 'oven' },
    },
    {
      ...placed(tumbler, () => ({
        sizing: exact(9.375, 2.25),
        at: { datum: 'opposite-handle', dxMm: inches(1 / 16), dyMm: 0 },
      })),
      sheet: { ...tumbler.sheet, paperId: 'legal' },
    },
    {
      ...placed(hurry, () => ({
        sizing: { mode: 'exact', widthMm: inches(8.875), heightMm: inches(3.915), locked: false },
      })),
      sheet: { ...hurry.sheet, printerId: 'ordinary-inkjet' },
      heat: {
        ...hurry.heat,
        machineId: 'mug-attachment',
        own: { temperatureC: fahrenheitToC(330), dwellS: 120, pressure: 'light' },
      },
    },
  ];
}

const repeated = (widthIn: number, stepIn: number): Partial<Placement> => ({
  sizing: exact(widthIn, 1),
  repeat: {
    pattern: 'brick',
    stepXMm: inches(stepIn),
    stepYMm: inches(stepIn * 0.9),
    atEdge: 'cut',
  },
});

/** Coaster, folded medallion, wall panel, tote, tees in their sizes, socks. */
function flats(art: Pictures, now: Date): Job[] {
  const coaster = start(now, 'demo-coaster', 'Moon coaster', 'round-coaster', art.badge);
  const front = start(now, 'demo-medallion', 'Round medallion', 'medallion', art.badge);
  const medallion = withArt(front, art.back, 'placement-2', 'back');
  const chart = start(now, 'demo-chart', 'Star chart for the wall', 'wall-panel', art.chart);
  const tote = start(now, 'demo-tote', 'A stretch of sky, tote', 'tote', art.star);
  const tee = start(now, 'demo-tee', 'Crew tees, S to XL', 'tee', art.badge);
  const navy = start(now, 'demo-navy', 'Navy tee, dye by mistake', 'tee-navy', art.moons);
  const socks = start(now, 'demo-socks', 'Socks with small stars', 'socks-m', art.star);
  const sock = placed(socks, () => repeated(0.8, 1.4));
  return [
    placed(coaster, () => ({ sizing: { mode: 'cover' } })),
    {
      ...placed(medallion, () => ({ sizing: { mode: 'cover' } })),
      fold: { gapMm: USUAL_FOLD_GAP_MM },
    },
    placed(chart, () => ({ sizing: { mode: 'cover' } })),
    placed(tote, () => repeated(1.6, 3)),
    {
      ...tee,
      items: [
        ...tee.items,
        ...(['S', 'L', 'XL'] as const).map((name, i) => ({
          ...plainItem(`size-${i + 1}`),
          ...{ copies: 2, size: { name, widthMm: inches(TEE_WIDTHS_IN[name] ?? 20) } },
        })),
      ],
    },
    navy,
    {
      ...sock,
      placements: facesOf(socks.blank).flatMap(({ id }, i) =>
        sock.placements.map((each) => ({ ...each, id: `placement-${i + 1}`, faceId: id })),
      ),
    },
  ];
}

/** Dye all over the chest of a polyester tee, and a star of vinyl on its sleeve, cut along its own edge. */
function layered(art: Pictures, now: Date): Job[] {
  const tee = start(now, 'demo-layers', 'Night-watch tee, dye and vinyl', 'tee', art.badge);
  const both = withPass(
    { ...tee, heat: { ...tee.heat, machineId: 'plate-press' } },
    'vinyl',
    'vinyl',
    BUILT_IN_SHELF,
  );
  return [
    onPass(both, 'vinyl', (seen) => ({
      ...placed(withArt(seen, art.star, 'placement-2', 'front'), () => ({
        sizing: exact(2.5, 1),
        at: { datum: 'left-chest', dxMm: inches(1.6), dyMm: inches(2.2) },
      })),
      cut: { line: 'contour', marginMm: 0, holes: 'keep', apart: false },
    })),
  ];
}

/** White film and a print on it, for dark cotton; and one mug for each of four observers. */
function newer(art: Pictures, now: Date): Job[] {
  const navy = start(now, 'demo-film', 'Dome keeper’s tee, white film', 'tee-navy', art.badge);
  const film = withTransfer(
    { ...navy, heat: { ...navy.heat, machineId: 'plate-press' } },
    'film-white',
    BUILT_IN_SHELF,
  );
  const mug = start(now, 'demo-observers', 'Mugs for four observers', 'mug-12oz', art.comet);
  const rows = [
    ['Ada', art.comet],
    ['Ben', art.moons],
    ['Cleo', art.horizon],
    ['Dan', art.badge],
  ] as const;
  return [
    placed(film, () => ({ sizing: exact(5, 1) })),
    {
      ...mug,
      arts: [art.comet, art.moons, art.horizon, art.badge],
      items: rows.map(([name, picture], i) => ({
        ...{ ...plainItem(`observer-${i + 1}`), name },
        pictures: [{ placementId: 'placement-1', artSha256: picture.sha256 }],
      })),
    },
  ];
}

/** The demo's jobs from its pictures: every kind of blank of the scenario. */
export const demoJobs = (art: Pictures, now: Date): Job[] => [
  ...cups(art, now),
  ...flats(art, now),
  ...layered(art, now),
  ...newer(art, now),
];
