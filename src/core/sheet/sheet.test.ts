import fc from 'fast-check';
import { artwork, jobOn, mugJob, onLatteCup, shelf, withForm, times } from '@tests/support/jobs';
import {
  applyAffine,
  contains,
  determinant,
  intersection,
  mapBox,
  mapRegion,
  type Box,
} from '../geometry';
import type { Job } from '../model';
import { withArt } from '../job';
import { planJob } from '../plan';
import { inches } from '../units';
import { TRADE_UNITS } from '@/words/units';
import { sheetTexts } from '@/words';
import { drawingOf, offcutOf, pageOf, type SheetItem } from '.';
import { sheetWords } from '@/words';

const onPaper = (job: Job, paperId: string, mirrorBy: Job['sheet']['mirrorBy'] = 'file'): Job => ({
  ...job,
  sheet: { ...job.sheet, paperId, mirrorBy },
});

const paper = (id: string) => {
  const found = shelf.papers.find((each) => each.id === id);
  if (!found) throw new Error(`no paper ${id}`);
  return found;
};

const firstSheet = (job: Job) => {
  const [sheet] = planJob(job, shelf).sheets;
  if (!sheet) throw new Error('no sheet');
  return sheet;
};

/** Everything inked besides the art, as boxes. */
const inked = (sheet: ReturnType<typeof firstSheet>): Box[] => {
  const { cutGuides, foot } = sheet.marks;
  const lines = cutGuides.flatMap((guide) => (guide.kind === 'line' ? [] : guide.lines));
  return [
    ...lines.map(({ from, to }) => ({
      x: Math.min(from.x, to.x),
      y: Math.min(from.y, to.y),
      width: Math.abs(from.x - to.x) + 0.1,
      height: Math.abs(from.y - to.y) + 0.1,
    })),
    ...(foot ? [foot.box] : []),
  ];
};

describe('paper sizes', () => {
  test('ISO 216: A4 is 210 × 297 mm, A3 297 × 420 mm', () => {
    expect(paper('a4')).toMatchObject({ widthMm: 210, heightMm: 297 });
    expect(paper('a3')).toMatchObject({ widthMm: 297, heightMm: 420 });
  });

  test('ASME Y14.1: letter 8.5 × 11 in, tabloid 11 × 17 in; legal 8.5 × 14 in is customary', () => {
    const inch = (id: string) => [paper(id).widthMm / 25.4, paper(id).heightMm / 25.4];
    expect(inch('letter')).toEqual([8.5, 11]);
    expect(inch('tabloid')).toEqual([11, 17]);
    expect(inch('legal')).toEqual([8.5, 14]);
  });
});

test('a full mug wrap goes sideways on letter, whole, with its marks outside it', () => {
  const sheet = firstSheet(mugJob(artwork(), { sizing: { mode: 'cover' } }));
  const [item] = sheet.items;
  expect(sheet.orientation).toBe('landscape');
  expect([sheet.widthMm, sheet.heightMm]).toEqual([inches(11), inches(8.5)]);
  expect(contains(sheet.printable, item?.box as Box)).toBe(true);
  for (const mark of inked(sheet)) {
    const shared = intersection(mark, item?.box as Box);
    expect(shared.width * shared.height).toBe(0);
    expect(contains(sheet.printable, mark)).toBe(true);
  }
});

test('on every paper and blank that fits, the page holds the art and its marks stay off it', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('letter', 'legal', 'tabloid', 'a4', 'a3'),
      fc.double({ min: 120, max: 420, noNaN: true }),
      fc.double({ min: 30, max: 280, noNaN: true }),
      fc.double({ min: 0, max: 10, noNaN: true }),
      (paperId, girthMm, wallHeightMm, bleedMm) => {
        const job = withForm({ ...mugJob(), bleedMm }, { girthMm, wallHeightMm });
        const { sheets, misfits } = planJob(onPaper(job, paperId), shelf);
        // beyond a tile's seam lies paper that is cut off or goes under: marks may lie there
        const kept = ({ box, tile, matrix }: SheetItem) =>
          tile ? mapBox(matrix, tile.shown) : box;
        return (
          misfits.length === 0 &&
          sheets.length > 0 &&
          sheets.every((sheet) =>
            sheet.items.every(
              (item) =>
                contains(sheet.printable, item.box) &&
                inked(sheet).every((mark) => {
                  const shared = intersection(mark, kept(item));
                  return shared.width * shared.height < 1e-9;
                }),
            ),
          )
        );
      },
    ),
  );
});

test('a wrap too long for letter takes two sheets, and legal paper is offered first', () => {
  const tumbler = withForm(mugJob(artwork(), { sizing: { mode: 'cover' } }), {
    ...{ girthMm: inches(11.5), handleGapMm: 0 },
  });
  const { checks, tilings, sheets } = planJob(tumbler, shelf);
  // 11.5 + 1/8 overlap where it closes is wider than the 10.75 in letter prints sideways
  expect(tilings).toMatchObject([{ rows: 1, columns: 2 }]);
  expect(sheets.map(({ called }) => sheetWords(called))).toEqual(['Wrap, A1', 'Wrap, A2']);
  const note = checks.find(({ id }) => id === 'tiled-wrap-1');
  expect(note?.fixes).toEqual([{ code: 'print-on', args: { paperId: 'legal', name: 'US legal' } }]);
  expect(planJob(onPaper(tumbler, 'legal'), shelf).sheets).toHaveLength(1);
});

test('a page with no room to spare drops marks before it drops art, and says so', () => {
  const tight = withForm(
    { ...mugJob(), bleedMm: 0, wrap: { ...mugJob().wrap, seam: { kind: 'butt', byMm: 0 } } },
    { girthMm: inches(8.25), handleGapMm: 0, wallHeightMm: inches(10.74) },
  );
  const { sheets, checks } = planJob(tight, shelf);
  expect(sheets[0]?.marks).toEqual({ cutGuides: [], up: [], corners: [], foot: null });
  expect(checks.map(({ id }) => id)).toContain('marks-dropped-wrap-1');
});

test('a bent piece is cut along a line that runs all round, just outside it', () => {
  const plan = planJob(onPaper(onLatteCup(mugJob()), 'legal'), shelf);
  const [sheet, piece] = [plan.sheets[0], plan.pieces[0]];
  const guide = sheet?.marks.cutGuides[0];
  const item = sheet?.items[0];
  if (guide?.kind !== 'line' || !piece || !item) throw new Error('no cut line');
  const edge = mapRegion(item.matrix, piece.cut).flat();
  const points = guide.rings.flat();
  const gaps = points.map(({ x, y }) => Math.min(...edge.map((e) => Math.hypot(e.x - x, e.y - y))));
  expect(Math.min(...gaps)).toBeGreaterThan(1);
  expect(Math.max(...gaps)).toBeLessThan(3.5); // the corners, where both edges recede
  for (const { x, y } of points) {
    expect(contains(sheet?.printable as Box, { x, y, width: 0, height: 0 })).toBe(true);
  }
});

test('the file’s matrix mirrors exactly when the file is to mirror', () => {
  const inFile = firstSheet(mugJob());
  const inDriver = firstSheet(onPaper(mugJob(), 'letter', 'driver'));
  const [mirrored, straight] = [inFile.items[0], inDriver.items[0]];
  if (!mirrored || !straight) throw new Error('no item');
  expect(determinant(mirrored.matrix)).toBe(-1);
  expect(determinant(straight.matrix)).toBe(1);
  // the wrap's left edge lies at the right side of its box on the page
  expect(applyAffine(mirrored.matrix, { x: 0, y: 0 }).x).toBeCloseTo(
    mirrored.box.x + mirrored.box.width,
    9,
  );
});

test('the label reads right on paper only when the page is flipped as planned', () => {
  expect(firstSheet(mugJob()).marks.foot?.mirroredInFile).toBe(false);
  const byDriver = firstSheet(onPaper(mugJob(), 'letter', 'driver')).marks.foot;
  expect(byDriver?.mirroredInFile).toBe(true);
  expect(byDriver?.label.driverFlips).toBe(true);
});

test('a turned page may meet either border, so the larger counts', () => {
  const [printer] = shelf.printers;
  if (!printer) throw new Error('no printer');
  const uneven = { ...printer, marginsMm: { top: 3, bottom: 15, left: 4, right: 6 } };
  expect(pageOf(paper('a4'), uneven, 'portrait').printable).toEqual({
    x: 4,
    y: 3,
    width: 200,
    height: 279,
  });
  expect(pageOf(paper('a4'), uneven, 'landscape').printable).toEqual({
    x: 15,
    y: 6,
    width: 267,
    height: 198,
  });
});

describe('many pieces', () => {
  const coasters = (part: Partial<Job['sheet']>, copies = 1): Job => {
    const job = times(jobOn('round-coaster'), copies);
    return { ...job, sheet: { ...job.sheet, ...part } };
  };

  test('share sheets, or lie each on its own when told so', () => {
    const { sheets } = planJob(coasters({}, 6), shelf);
    expect(sheets.flatMap(({ items }) => items)).toHaveLength(6);
    expect(sheets.length).toBeLessThan(4);
    const gang = { together: false, gapMm: 6, turn: true, straightCuts: false };
    expect(planJob(coasters({ gang }, 6), shelf).sheets).toHaveLength(6);
  });

  test('a pre-printed sheet of 12 × 12 in takes what fits it, whatever the printer takes', () => {
    const { sheets, checks } = planJob(coasters({ paperId: 'printed-12' }, 4), shelf);
    expect(sheets).toHaveLength(1);
    expect(sheets[0]).toMatchObject({ widthMm: inches(12), heightMm: inches(12) });
    const ids = checks.map(({ id }) => id);
    expect(ids).not.toContain('paper-width');
    expect(ids).toContain('preprinted-edge');
  });

  test('what one straight cut leaves is kept when a printer can feed it again', () => {
    const legal = planJob(coasters({ paperId: 'legal' }), shelf);
    const [sheet] = legal.sheets;
    const left = sheet && offcutOf(sheet, legal.pieces, legal.tools.paper);
    expect(left?.widthMm).toBeCloseTo(Math.min(left?.widthMm ?? 0, left?.heightMm ?? 0), 6);
    const used = Math.max(...(sheet?.items.map(({ box }) => box.y + box.height) ?? [0]));
    expect(Math.max(left?.widthMm ?? 0, left?.heightMm ?? 0)).toBeLessThan(inches(14) - used);
    const mug = planJob(mugJob(artwork(), { sizing: { mode: 'cover' } }), shelf);
    const [full] = mug.sheets;
    // 8.5 × 11 in lying, the wrap and its label on it: under 3.5 in are left
    expect(full && offcutOf(full, mug.pieces, mug.tools.paper)).toBeNull();
  });

  test('an offcut that takes the job is offered before a whole sheet', () => {
    const offcut = { ...paper('a4'), id: 'left', widthMm: 150, heightMm: 216, offcut: true };
    const on = { ...shelf, papers: [...shelf.papers, offcut] };
    const found = (part: Partial<typeof offcut>, copies = 1) =>
      planJob(coasters({}, copies), {
        ...on,
        papers: [...shelf.papers, { ...offcut, ...part }],
      }).checks.find(({ code }) => code === 'offcut-waits');
    expect(found({})?.fixes).toEqual([{ code: 'use-offcut', args: { paperId: 'left' } }]);
    expect(found({ used: true })).toBeUndefined();
    expect(found({ widthMm: 90 })).toBeUndefined();
    expect(found({}, 2)).toBeUndefined();
  });
});

describe('what is drawn besides the art is one list for PDF and PNG', () => {
  const square = artwork({ storedWidthPx: 1000, storedHeightPx: 1000 });
  const both = withArt(jobOn('medallion', square), square, 'p2', 'back');
  const plan = planJob({ ...both, fold: { gapMm: inches(0.75) } }, shelf);
  const [sheet] = plan.sheets;
  if (!sheet) throw new Error('no sheet');

  test('a fold is dashed, outlines are thick enough to see through the paper', () => {
    const { strokes } = drawingOf(sheet, plan.pieces, sheetTexts(sheet, TRADE_UNITS));
    const dashed = strokes.filter(({ dashMm }) => dashMm.length > 0);
    expect(dashed).toHaveLength(1);
    const thick = strokes.filter(({ widthMm, grey }) => widthMm > 0.5 && grey < 1);
    expect(thick).toHaveLength(2);
    expect(thick.every(({ closed }) => closed)).toBe(true);
  });

  test('the check bar is as long as it says, and lies mirrored with its words where the page is flipped later', () => {
    const bar = (mirrorBy: Job['sheet']['mirrorBy']) => {
      const [first] = planJob(onPaper(mugJob(), 'letter', mirrorBy), shelf).sheets;
      if (!first) throw new Error('no sheet');
      const { strokes, textFlip } = drawingOf(first, [], sheetTexts(first, TRADE_UNITS));
      const [line] = strokes.at(-1)?.lines ?? [];
      return { flip: textFlip[0], from: line?.[0]?.x ?? NaN, to: line?.[1]?.x ?? NaN };
    };
    const [right, flipped] = [bar('file'), bar('driver')];
    expect(right.to - right.from).toBeCloseTo(inches(4), 6);
    expect(flipped.from - flipped.to).toBeCloseTo(inches(4), 6);
    expect([right.flip, flipped.flip]).toEqual([1, -1]);
  });
});
