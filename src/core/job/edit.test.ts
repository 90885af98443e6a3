import fc from 'fast-check';
import { artwork, mugJob } from '@tests/support/jobs';
import { facesOf } from '../blank';
import { inOtherOrder, onBothSides, onEveryFace, replaceEverywhere, withArt } from '.';

const other = artwork({ sha256: 'b'.repeat(64), name: 'moons.png' });
const third = artwork({ sha256: 'c'.repeat(64), name: 'chart.png' });

test('what is not on the job changes nothing', () => {
  const job = mugJob();
  expect(onBothSides(job, 'nowhere', 'twin')).toBe(job);
  expect(inOtherOrder(job, 'nowhere', 1)).toBe(job);
  expect(replaceEverywhere(job, 'd'.repeat(64), other)).toEqual(job);
});

test('the uppermost cannot go higher, the lowest not lower', () => {
  const two = withArt(mugJob(), other, 'p2');
  expect(inOtherOrder(two, 'p2', 1)).toBe(two);
  expect(inOtherOrder(two, 'p1', -1)).toBe(two);
});

test('one up and one down again is the same, whatever lies there', () => {
  const three = withArt(withArt(mugJob(), other, 'p2'), third, 'p3');
  const order = ({ placements }: typeof three) => placements.map(({ id }) => id);
  fc.assert(
    fc.property(
      fc.constantFrom('p1', 'p2', 'p3'),
      fc.constantFrom(1 as const, -1 as const),
      (id, by) => {
        const moved = inOtherOrder(three, id, by);
        if (moved === three) return;
        expect(order(moved)).not.toEqual(order(three));
        expect([...order(moved)].sort()).toEqual(['p1', 'p2', 'p3']);
        expect(order(inOtherOrder(moved, id, by === 1 ? -1 : 1))).toEqual(order(three));
      },
    ),
  );
});

test('a picture asked onto a face that is not there goes onto the first', () => {
  const job = mugJob();
  const put = withArt(job, other, 'p2', 'no such face').placements.at(-1);
  expect(put?.faceId).toBe(facesOf(job.blank)[0]?.id);
});

test('copied to every face of a blank with one, the job stays as it is', () => {
  const job = mugJob();
  expect(onEveryFace(job, job.placements[0]?.faceId ?? '', () => 'new')).toEqual(job);
});
