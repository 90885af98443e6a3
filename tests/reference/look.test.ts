/**
 * Photos of the printed file as Poppler draws it, by the simulated camera, held against the plan: an outside reader says
 * what is on the paper. Figures over many photos are the bench's (`npm run bench look`).
 */
import { ready, type Ready } from '@/core/look';
import { sceneOf, type Fault } from '../support/laidFaults';
import { printedOf, type Printed } from '../support/laidScenes';
import { tried } from '../support/laidTrials';

/** Photos of 4 million pixels: quicker, and harder to see by. */
const WIDTH_PX = 2300;
let printed: Printed;
let things: readonly Ready[];
beforeAll(async () => {
  printed = await printedOf('wrap', 5);
  things = printed.expected.map(ready);
}, 120_000);

async function looked(fault: Fault | null, seed: number) {
  const scene = sceneOf(printed, fault, seed);
  if (!scene) throw new Error('this print cannot have that');
  return tried(printed, things, scene, seed, false, WIDTH_PX);
}

test('a good print is found, lies within a third of a millimetre, and nothing is said of it', async () => {
  const { look, right, offMm } = await looked(null, 41);
  expect(right).toBe(true);
  expect(offMm[0]).toBeLessThan(0.3);
  expect(look.findings).toEqual([]);
  // what is not here is not said to be checked
  expect(look.checks.find(({ check }) => check === 'border')?.unseen).toBe('not-here');
}, 120_000);

test('a print that was not flipped is told, and nothing else of it', async () => {
  const { look } = await looked('mirrored', 42);
  expect(look.findings).toEqual([{ code: 'mirrored' }]);
}, 120_000);

test('a print off its size is told by the edges of its paper', async () => {
  const { look, found } = await looked('size', 43);
  expect(found).toBe(true);
  expect(look.checks.find(({ check }) => check === 'size')?.unseen).toBeNull();
  // what is at its edges ends elsewhere: of that nothing can be said, and that is said
  expect(look.checks).toContainEqual({ check: 'edges', unseen: 'off-size', of: [] });
}, 120_000);

test('a photo of something else is not taken for the print', async () => {
  const other = await printedOf('badge', 6);
  const scene = sceneOf(other, null, 44);
  if (!scene) throw new Error('no scene');
  const { look } = await tried(other, things, scene, 44, false, WIDTH_PX);
  expect(look.which).toBeNull();
  expect(look.findings).toEqual([]);
}, 120_000);

test('a chart of little but night over twelve sheets: nothing is said where nothing is wrong, nor beside a missing sheet', async () => {
  const faint = await printedOf('faint', 1);
  const wanted = faint.expected.map(ready);
  const of = async (fault: Fault | null) => {
    const scene = sceneOf(faint, fault, 100);
    if (!scene) throw new Error('no scene');
    return tried(faint, wanted, scene, 1000, false, 3000);
  };
  const good = await of(null);
  expect(good.right).toBe(true);
  expect(good.look.findings).toEqual([]);
  const { look, beside, found } = await of('missing');
  expect(found).toBe(true);
  expect(beside).toEqual([]);
  expect(look.findings).toHaveLength(1);
}, 360_000);
