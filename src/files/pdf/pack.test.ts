import { inflateSync } from 'node:zlib';
import fc from 'fast-check';
import { deflating } from '../deflate';
import { storing } from './pack';

/** Against zlib itself, which checks the Adler-32 of what it inflates (RFC 1950). */
test.each([
  ['stored', storing],
  ['deflated', deflating],
] as const)('%s bytes come out of zlib as they went in', async (_, packer) => {
  const parts = fc.array(fc.uint8Array({ maxLength: 3000 }), { maxLength: 6 });
  await fc.assert(
    fc.asyncProperty(parts, async (written) => {
      const pack = packer();
      for (const each of written) await pack.write(new Uint8Array(each));
      const packed = Buffer.concat(await pack.finish());
      expect(inflateSync(packed).equals(Buffer.concat(written))).toBe(true);
    }),
    { numRuns: 40 },
  );
});

test('more than one stored block holds, and its sums stay exact', async () => {
  const bytes = Uint8Array.from({ length: 200_001 }, (_, i) => 255 - (i % 7));
  const pack = storing();
  await pack.write(bytes);
  const packed = Buffer.concat(await pack.finish());
  expect(inflateSync(packed).equals(Buffer.from(bytes))).toBe(true);
  // four blocks of at most 65535 bytes and an empty last one, 5 bytes of frame each; head and sum 6
  expect(packed.length).toBe(bytes.length + 5 * 5 + 6);
});
