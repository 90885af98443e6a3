import { standInForTheBrowser } from '@tests/support/dom';
import { HOSTILE_SVG, ORNAMENT_SVG } from '@tests/support/drawings';
import { edgeLength, regionArea, regionBox, type Region } from '@/core/geometry';
import { cutFilesFor, jigsFor } from '@/core/jig';
import { planJob } from '@/core/plan';
import { TRADE_UNITS } from '@/words/units';
import { patternOf } from '@/words';
import { artwork, jobOn, mugJob, shelf } from '@tests/support/jobs';

standInForTheBrowser();

const load = () => import('.');

const regionOf = (rings: readonly (readonly (readonly [number, number])[])[]): Region =>
  rings.map((ring) => ring.map(([x, y]) => ({ x, y })));

describe('an SVG from a stranger', () => {
  test('keeps its shapes and its real size, and nothing that acts or calls out', async () => {
    const { readSvg } = await load();
    const read = readSvg(HOSTILE_SVG);
    if (!read.ok) throw new Error(read.reason);
    const { markup, widthMm, heightMm, hasRealUnits } = read.value;
    expect([widthMm, heightMm, hasRealUnits]).toEqual([60, 40, true]);
    expect(markup).toContain('<circle');
    expect(markup).not.toMatch(
      /script|onload|onclick|elsewhere|javascript|foreignObject|iframe|style/i,
    );
  });

  test.each([
    ['48px', 12.7],
    ['2in', 50.8],
    ['72pt', 25.4],
    ['3cm', 30],
    ['6pc', 25.4],
  ])('width %s is %d mm (CSS Values and Units 3)', async (width, mm) => {
    const { readSvg } = await load();
    const read = readSvg(
      `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${width}"><path d="M0 0h1v1z"/></svg>`,
    );
    expect(read.ok && read.value.widthMm).toBeCloseTo(mm, 6);
  });

  test.each([
    ['<p>no drawing</p>', /not an SVG/],
    ['<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0"/></svg>', /no size/],
    [
      `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1 1">${'<g/>'.repeat(20_001)}</svg>`,
      /parts/,
    ],
    ['x'.repeat(8_000_001), /8 MB/],
  ])('%#: what cannot be used is refused with a reason', async (text, says) => {
    const { readSvg } = await load();
    const read = readSvg(text);
    expect(read.ok ? '' : read.reason).toMatch(says);
  });
});

describe('an outline in real units', () => {
  test('the ornament: size, hole and area as drawn', async () => {
    const { outlineFromSvg } = await load();
    const read = outlineFromSvg(ORNAMENT_SVG);
    if (!read.ok) throw new Error(read.reason);
    const [edge, hole] = regionOf(read.value);
    expect(regionBox([edge ?? []])).toEqual({
      x: 0,
      y: 0,
      width: expect.closeTo(50, 2),
      height: expect.closeTo(70, 1),
    });
    // π r² of the 5 mm hole, and 2 π r of its edge
    expect(regionArea([hole ?? []])).toBeCloseTo(Math.PI * 2.5 ** 2, 0);
    expect(edgeLength([hole ?? []])).toBeCloseTo(Math.PI * 5, 1);
  });

  test.each([
    ['<rect x="5" y="5" width="30" height="20"/>', 600],
    ['<polygon points="0,0 40,0 40,30"/>', 600],
    ['<ellipse cx="20" cy="20" rx="10" ry="6"/>', Math.PI * 60],
    ['<path d="M0 0H40V30H0z" transform="scale(0.5)"/>', 300],
  ])('%s has the area it should', async (shape, area) => {
    const { outlineFromSvg } = await load();
    const read = outlineFromSvg(
      `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="100mm" viewBox="0 0 100 100">${shape}</svg>`,
    );
    if (!read.ok) throw new Error(read.reason);
    expect(Math.abs(regionArea(regionOf(read.value)) - area) / area).toBeLessThan(0.01);
  });

  test('no closed line, or far too many, is refused', async () => {
    const { outlineFromSvg } = await load();
    const svg = (body: string) =>
      `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="100mm" viewBox="0 0 100 100">${body}</svg>`;
    const none = outlineFromSvg(svg('<text>hi</text>'));
    expect(none.ok ? '' : none.reason).toMatch(/No closed outline/);
    const many = outlineFromSvg(svg('<circle cx="9" cy="9" r="4"/>'.repeat(60)));
    expect(many.ok ? '' : many.reason).toMatch(/60 lines/);
  });
});

test('drawings go out in real units, a group for each kind of line, and come back as they were', async () => {
  const { patternToSvg, outlineFromSvg } = await load();
  const job = jobOn('round-coaster');
  const { faces, pieces } = planJob(job, shelf);
  const [nest] = jigsFor({ job, faces, pieces, ruler: 'in' });
  if (!nest) throw new Error('no nest');
  const svg = patternToSvg({ ...patternOf(nest, TRADE_UNITS), name: 'Nest <for> "it"' });
  expect(svg).toMatch(/^<svg [^>]*width="[\d.]+mm" height="[\d.]+mm"/);
  expect(svg).toContain('<metadata>lucky-sheet-drawing, version 1</metadata>');
  expect(svg).toContain('<g id="cut"');
  expect(svg).not.toContain('<for>');
  const back = outlineFromSvg(svg);
  if (!back.ok) throw new Error(back.reason);
  const wanted = nest.lines.map(({ points }) => points);
  expect(regionArea(regionOf(back.value))).toBeCloseTo(regionArea(wanted), 0);
});

test('a folded line is dashed', async () => {
  const { patternToSvg } = await load();
  const { faces, pieces } = planJob(mugJob(), shelf);
  const sleeve = jigsFor({ job: mugJob(), faces, pieces, ruler: 'in' }).at(-1);
  expect(sleeve && patternToSvg(patternOf(sleeve, TRADE_UNITS))).toMatch(
    /<g id="fold"[^>]*stroke-dasharray/,
  );
});

test('pens follow strokes once along their middle, and the edge of what is only filled', async () => {
  const { readSvg, penLinesOf } = await load();
  const read = readSvg(
    `<svg xmlns="http://www.w3.org/2000/svg" width="80mm" height="40mm" viewBox="0 0 80 40">
      <g fill="none" stroke="#000" stroke-width="3">
        <line x1="0" y1="20" x2="80" y2="20"/>
        <polyline points="0,0 40,40 80,0"/>
        <circle cx="40" cy="20" r="10"/>
      </g>
      <rect x="8" y="4" width="16" height="8" fill="#333"/>
      <path d="M0 0h5" fill="none"/>
    </svg>`,
  );
  if (!read.ok) throw new Error(read.reason);
  const lines = penLinesOf(read.value);
  // the last is neither stroked nor filled
  expect(lines).toHaveLength(4);
  expect(lines.map(({ closed }) => closed)).toEqual([false, false, true, true]);
  expect(lines[0]?.points).toEqual([
    [0, 0.5],
    [1, 0.5],
  ]);
  expect(lines[1]?.points).toHaveLength(3);
  const length = (nth: number) =>
    edgeLength([(lines[nth]?.points ?? []).map(([x, y]) => ({ x: 80 * x, y: 40 * y }))]);
  // once round, not along both edges of the stroke: 2 π 10 mm
  expect(length(2)).toBeCloseTo(20 * Math.PI, 0);
  expect(length(3)).toBeCloseTo(48, 3);
});

test('the pen file of a piece draws those lines, mirrored on the copy paper', async () => {
  const strokes = [
    {
      points: [
        [0, 0.25],
        [0.5, 0.25],
      ] as [number, number][],
      closed: false,
    },
  ];
  const art = artwork({ storedWidthPx: 800, storedHeightPx: 800, strokes });
  const job = jobOn('round-coaster', art);
  const { pieces, faces } = planJob(job, shelf);
  const [piece] = pieces;
  if (!piece) throw new Error('no piece');
  const pen = (mirrored: boolean) =>
    cutFilesFor({ piece, job, faces, mirrored })
      .find(({ kind }) => kind === 'pen-work')
      ?.lines.filter(({ purpose }) => purpose === 'draw') ?? [];
  expect(pen(false)).toHaveLength(1);
  const [plain, flipped] = [pen(false)[0], pen(true)[0]];
  expect(plain?.closed).toBe(false);
  const size = piece.arts[0]?.box.width ?? 0;
  const along = (line: typeof plain) => (line?.points[1]?.x ?? 0) - (line?.points[0]?.x ?? 0);
  expect(along(plain)).toBeCloseTo(size / 2, 6);
  expect(along(flipped)).toBeCloseTo(-size / 2, 6);
});
