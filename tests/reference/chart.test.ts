/** Our colour chart out of photos that a simulated camera took: its optics and press share no code with the reading. */
import { difference, readChart } from '@/core/colour';
import { photographed, pressTruth, truthOf } from '@tests/support/photographed';

const PHOTOS = 100;

test(`of ${PHOTOS} photos with cast, gradient, tilt and noise all are read, within 2 of CIEDE2000 (median)`, () => {
  const truth = truthOf(pressTruth);
  const medians = Array.from({ length: PHOTOS }, (_, seed) => {
    const read = readChart(photographed(seed + 1, pressTruth, 660, 560));
    if (!read.ok) throw new Error(`photo ${seed + 1}: ${read.reason.code}`);
    const far = read.value.patches.map((light, i) => difference(light, truth[i] ?? [0, 0, 0]));
    const sorted = far.sort((a, b) => a - b);
    return sorted[Math.floor(sorted.length / 2)] ?? Infinity;
  }).sort((a, b) => a - b);
  // asked: 2; it is about a twentieth of that
  expect(medians[PHOTOS / 2]).toBeLessThan(0.2);
  expect(medians.at(-1)).toBeLessThan(1);
}, 300_000);
