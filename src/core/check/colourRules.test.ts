import { artwork, factsWith, jobOn, shelf } from '@tests/support/jobs';
import { FIRST_ITEM, plainItem, type Artwork, type Job } from '../model';
import { planJob } from '../plan';
import { applyFix, type Check } from '.';

const GREY = { colour: '#8d9196', colourName: 'grey' };
/** Pale pink on nothing: clear on white, hardly there on grey. */
const pink = (nth = 1): Artwork =>
  artwork({
    ...{ sha256: String(nth % 10).repeat(62) + String(10 + nth), name: `nova ${nth}.png` },
    facts: factsWith({
      neighbours: Array.from({ length: 24 }, () => ({
        ...{ one: '#fbe4ea', other: null, share: 1 / 24 },
        box: { x: 0, y: 0, width: 1, height: 1 },
      })),
    }),
  });
/** One main edge, not 24 small ones. */
const plain = (art: Artwork): Artwork => {
  const [first] = art.facts?.neighbours ?? [];
  return { ...art, facts: factsWith({ neighbours: first ? [{ ...first, share: 1 }] : [] }) };
};
const faintIn = (job: Job): Check[] =>
  planJob(job, shelf).checks.filter(({ code }) => code === 'faint');
const onGrey = (job: Job): Job => ({
  ...job,
  blank: { ...job.blank, substrate: { ...job.blank.substrate, ...GREY } },
});

test('pale pink is caught on grey, and the way out offered leaves it shown', () => {
  const job = onGrey(jobOn('tee', plain(pink())));
  const [faint] = faintIn(job);
  expect(faint).toMatchObject({ level: 'warn', facts: { colourName: 'grey', one: '#fbe4ea' } });
  const white = faint?.fixes.find(({ code }) => code === 'use-colour');
  expect(white?.args).toMatchObject({ from: GREY.colour, colour: '#ffffff' });
  const mended = white ? applyFix(job, white, shelf) : job;
  expect(mended.blank.substrate.colour).toBe('#ffffff');
  expect(faintIn(mended)).toEqual([]);
});

test('a picture of one row is judged by that row’s own blank', () => {
  const white = jobOn('tee', plain(artwork({ facts: factsWith({ neighbours: [] }) })));
  const [placement] = white.placements;
  const own = plain(pink());
  const rows = (colour: typeof GREY | null): Job => ({
    ...white,
    arts: [...white.arts, own],
    items: [
      { ...plainItem(FIRST_ITEM), colour: colour ? null : GREY },
      {
        ...{ ...plainItem('second'), colour },
        pictures: [{ placementId: placement?.id ?? '', artSha256: own.sha256 }],
      },
    ],
  });
  expect(faintIn(rows(GREY))).toHaveLength(1);
  // the grey one carries another picture, on which nothing is pale
  expect(faintIn(rows(null))).toEqual([]);
});

test('what covers keeps its colours', () => {
  expect(faintIn({ ...onGrey(jobOn('tee', plain(pink()))), transfer: 'film-white' })).toEqual([]);
});

test('24 rows, each with a picture and a colour of its own, are no more than can be worked out', () => {
  const job = jobOn('tee', pink(0));
  const [placement] = job.placements;
  const arts = Array.from({ length: 24 }, (_, nth) => pink(nth));
  const many: Job = {
    ...job,
    arts,
    items: arts.map(({ sha256 }, nth) => ({
      ...plainItem(nth === 0 ? FIRST_ITEM : `row-${nth}`),
      colour: { colour: `#8d91${(60 + nth).toString(16)}`, colourName: `grey ${nth}` },
      pictures: nth === 0 ? [] : [{ placementId: placement?.id ?? '', artSha256: sha256 }],
    })),
  };
  expect(planJob(many, shelf).checks.filter(({ code }) => code === 'too-much')).toEqual([]);
});
