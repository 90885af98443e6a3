import { csvFile, fileName } from './files';

test('a table begins with what tells table programs how its letters are written, which readers leave out', async () => {
  const file = csvFile('name\nZoë');
  expect([...new Uint8Array(await file.arrayBuffer())].slice(0, 3)).toEqual([0xef, 0xbb, 0xbf]);
  expect(await file.text()).toBe('name\nZoë');
});

test.each([
  ['Mira/Theo: 50 %?', 'mira-theo-50.pdf'],
  ['मीरा का मग', 'मीरा-का-मग.pdf'],
  ['  …  ', 'job.pdf'],
])('a job called “%s” is saved as a name that disks take', (name, saved) => {
  expect(fileName(name, 'pdf')).toBe(saved);
});

test('a name too long for a disk is cut between letters', () => {
  const saved = fileName('宇'.repeat(120), 'job.zip');
  expect(saved).toMatch(/^宇+\.job\.zip$/);
  expect(Buffer.byteLength(saved)).toBeLessThanOrEqual(255);
});

test.each([
  ['Mugs for the night watch', 'mugs-for-the-night-watch-press-card.pdf'],
  ['मी'.repeat(60), `${'मी'.repeat(36)}-press-card.pdf`],
])('of “%s” it stays said what the file is, and no letter loses its mark', (name, saved) => {
  expect(fileName(name, 'pdf', 'press card')).toBe(saved);
  expect(Buffer.byteLength(saved)).toBeLessThanOrEqual(255);
});

test('what a file is of a job may be long itself', () => {
  const saved = fileName('x'.repeat(120), 'png', '月'.repeat(120));
  expect(saved).toMatch(/^x+-月+\.png$/);
  expect(Buffer.byteLength(saved)).toBeLessThanOrEqual(255);
});
