import { handOver, isOpened, layReady } from './handover';

const file = (text: string) => new TextEncoder().encode(text);
const text = (bytes: Uint8Array | null) => bytes && new TextDecoder().decode(bytes);
const lay = (what: string, now: number): string => {
  const code = layReady(file(what), now);
  if (code === null) throw new Error('no room');
  return code;
};
const MINUTE = 60_000;
let now = 0;
beforeEach(() => {
  now += 1000 * MINUTE; // whatever the test before laid ready is gone
});

test('handed over once, to whoever has the code', () => {
  const code = lay('a job', now);
  expect(code).toMatch(/^\d{6}$/);
  expect(text(handOver(code, now + 9 * MINUTE))).toBe('a job');
  expect(handOver(code, now + 9 * MINUTE)).toBeNull();
});

test('gone after ten minutes', () => {
  expect(handOver(lay('late', now), now + 10 * MINUTE)).toBeNull();
});

test('three lie ready at once and no more; one fetched makes room', () => {
  const codes = ['a', 'b', 'c'].map((what) => lay(what, now));
  expect(new Set(codes).size).toBe(3);
  expect(layReady(file('d'), now)).toBeNull();
  expect(text(handOver(codes[1] ?? '', now))).toBe('b');
  expect(layReady(file('d'), now)).not.toBeNull();
});

test('guessing empties the shelf before it can come far', () => {
  const code = lay('kept from strangers', now);
  const other = (n: number) => String((Number(code) + 1 + n) % 1_000_000).padStart(6, '0');
  for (let n = 0; n < 20; n++) expect(handOver(other(n), now)).toBeNull();
  expect(handOver(code, now)).toBeNull();
});

test('nothing is opened unless the person says so', () => {
  const before = process.env.HOST;
  try {
    for (const [host, opened] of [
      [undefined, false],
      ['127.0.0.1', false],
      ['localhost', false],
      ['0.0.0.0', true],
      ['192.168.1.20', true],
    ] as const) {
      if (host === undefined) delete process.env.HOST;
      else process.env.HOST = host;
      expect(isOpened()).toBe(opened);
    }
  } finally {
    if (before === undefined) delete process.env.HOST;
    else process.env.HOST = before;
  }
});
