import { csvFile } from './files';

test('a table begins with what tells table programs how its letters are written, which readers leave out', async () => {
  const file = csvFile('name\nZoë');
  expect([...new Uint8Array(await file.arrayBuffer())].slice(0, 3)).toEqual([0xef, 0xbb, 0xbf]);
  expect(await file.text()).toBe('name\nZoë');
});
