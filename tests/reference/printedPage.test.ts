/** More of the printed page against Poppler and pdfjs: several pictures, odd names, all papers. */
import { execFileSync } from 'node:child_process';
import { onBothSides } from '@/core/job';
import { planJob } from '@/core/plan';
import { shelf } from '@tests/support/jobs';
import { pngPicture } from '@tests/support/pictures';
import { jobWith, printToFile } from '@tests/support/printed';

const run = (program: string, ...args: string[]) => execFileSync(program, args).toString();

test('one picture on both sides is embedded once and drawn twice', async () => {
  const png = await pngPicture(300, 130);
  const job = await jobWith(png, (plain) =>
    onBothSides(
      {
        ...plain,
        placements: plain.placements.map((each) => ({
          ...each,
          sizing: { mode: 'exact' as const, widthMm: 60, heightMm: 26, locked: true },
        })),
      },
      'p1',
      'twin',
    ),
  );
  const { path, pdf } = await printToFile(job, png);
  const objects = run('pdfimages', '-list', path).split('\n').slice(2).filter(Boolean);
  expect(objects.length).toBe(2); // drawn twice
  expect(new Set(objects.map((line) => line.trim().split(/\s+/)[10])).size).toBe(1); // one object
  expect(pdf.toString('latin1').match(/\/Subtype \/Image/g)).toHaveLength(1);
});

test('of a name that our font cannot write all of, the rest stays text', async () => {
  const png = await pngPicture(300, 130);
  const job = await jobWith(png, (plain) => ({ ...plain, name: 'Комета 彗星 – “Ridge” ½ ☄' }));
  const { path } = await printToFile(job, png);
  const text = run('pdftotext', path, '-');
  expect(text).toMatch(/– “Ridge” ½/);
  expect(text).toMatch(/Wrap · cut to/);
  expect(text).not.toContain('?');
  expect(run('pdfinfo', path)).toMatch(/Title:\s+Комета 彗星/);
});

/** Page sizes in points: ISO 216 and ASME Y14.1 in units of 1/72 in (ISO 32000-1). */
const POINTS: Record<string, RegExp> = {
  letter: /792 x 612 pts/,
  legal: /1008 x 612 pts/,
  a4: /841\.8\d* x 595\.2\d* pts \(A4\)/,
  a3: /1190\.5\d* x 841\.8\d* pts \(A3\)/,
  tabloid: /1224 x 792 pts/,
};

test.each(Object.entries(POINTS))(
  'a long wrap’s page on %s is that paper, turned',
  async (paperId, size) => {
    const png = await pngPicture(300, 130);
    const job = await jobWith(png, (plain) => ({ ...plain, sheet: { ...plain.sheet, paperId } }));
    const sideways = planJob(job, shelf).sheets[0]?.orientation === 'landscape';
    const { path } = await printToFile(job, png);
    const info = run('pdfinfo', path);
    // wide papers take the wrap upright; Poppler then tells the sides the other way round
    const turned = sideways
      ? info
      : info.replace(/Page size:\s+([\d.]+) x ([\d.]+)/, 'Page size: $2 x $1');
    expect(turned).toMatch(size);
  },
);
