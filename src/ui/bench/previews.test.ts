import { createPreviews } from './previews';

const A = 'a'.repeat(64);
const B = 'b'.repeat(64);

/** A bench of such pictures; what was asked of it, and the addresses that were given up. */
function benchOf(...there: string[]) {
  const asked: string[] = [];
  const previews = createPreviews((sha256) => {
    asked.push(sha256);
    return Promise.resolve(there.includes(sha256) ? new Blob([sha256]) : undefined);
  });
  return { previews, asked };
}

const gone: string[] = [];
beforeEach(() => {
  gone.length = 0;
  jest.useFakeTimers();
  jest.spyOn(URL, 'revokeObjectURL').mockImplementation((url) => void gone.push(url));
});
afterEach(() => {
  jest.useRealTimers();
  jest.restoreAllMocks();
});
const settled = () => jest.advanceTimersByTimeAsync(0);

test('a picture is read once for all that show it, and each is told when it came', async () => {
  const { previews, asked } = benchOf(A);
  const [one, other] = [jest.fn(), jest.fn()];
  previews.hold([A], one);
  previews.hold([A, A], other);
  expect(previews.among([A]).size).toBe(0);
  await settled();
  expect(asked).toEqual([A]);
  expect([one.mock.calls.length, other.mock.calls.length]).toEqual([1, 1]);
  // whoever comes later finds it there
  const late = jest.fn();
  expect(previews.among([A]).has(A)).toBe(true);
  previews.hold([A], late);
  await settled();
  expect(late).not.toHaveBeenCalled();
  expect(asked).toHaveLength(1);
});

test('of one list the map stays the same until something in it changes', async () => {
  const { previews } = benchOf(A, B);
  const [wanted, other] = [[A], [B]];
  previews.hold(wanted, jest.fn());
  await settled();
  const map = previews.among(wanted);
  previews.hold(other, jest.fn());
  await settled();
  expect(previews.among(wanted)).toBe(map);
  expect(previews.among(other).size).toBe(1);
});

test('from screen to screen it stays at hand; long after nobody shows it its address is given up', async () => {
  const { previews, asked } = benchOf(A);
  const leave = previews.hold([A], jest.fn());
  await settled();
  const url = previews.among([A]).get(A);
  leave();
  await jest.advanceTimersByTimeAsync(30_000);
  const leaveNext = previews.hold([A], jest.fn());
  await jest.advanceTimersByTimeAsync(120_000);
  expect(previews.among([A]).get(A)).toBe(url);
  leaveNext();
  await jest.advanceTimersByTimeAsync(120_000);
  expect(previews.among([A]).size).toBe(0);
  expect(gone).toEqual([url]);
  previews.hold([A], jest.fn());
  await settled();
  expect(asked).toEqual([A, A]);
});

test('what was made just now is not read; taken in anew, it takes the place of what was there', async () => {
  const { previews, asked } = benchOf(A);
  previews.put(A, new Blob(['first']));
  const come = jest.fn();
  previews.hold([A], come);
  const first = previews.among([A]).get(A);
  previews.put(A, new Blob(['second']));
  expect(come).toHaveBeenCalledTimes(1);
  expect(previews.among([A]).get(A)).not.toBe(first);
  expect(asked).toEqual([]);
  // what still reads it is let finish
  expect(gone).toEqual([]);
  await jest.advanceTimersByTimeAsync(20_000);
  expect(gone).toEqual([first]);
});

test('a picture that is not there is asked for again the next time, and nobody is told', async () => {
  const { previews, asked } = benchOf();
  const come = jest.fn();
  const leave = previews.hold([A], come);
  await settled();
  leave();
  previews.hold([A], come);
  await settled();
  expect(asked).toEqual([A, A]);
  expect(come).not.toHaveBeenCalled();
});
