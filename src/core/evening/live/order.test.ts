import { decoderOf, inTurn, reasonsOf, tryAll, withSettings } from '..';
import type { Block, Evening, PieceWork } from '../problem';
import { keptOrder, orderLeft } from './order';

const block = (id: string, part: Partial<Block>): Block => ({
  ...{ id, waitS: 0, lastsS: 20, hands: [{ fromS: 0, toS: 20 }], use: null },
  ...{ mayPause: false, seams: [], after: null, behind: [] },
  ...part,
});
const press = (id: string) => ({
  ...{ id, places: 1, freeFromS: 0, turning: null, taken: [], setTo: 0, off: null },
  changes: [[{ handsS: 10, thenS: 0 }], [{ handsS: 10, thenS: 0 }]],
});

/** A press that takes hands at both ends, and hand work that only fits between if that is put off. */
const EVENING: Evening = {
  pieces: [
    {
      ...{ id: '0', readyS: 30 },
      blocks: [
        block('0.0', {}),
        block('0.1', {
          ...{ lastsS: 80, hands: [{ fromS: 0, toS: 80 }] },
          use: { machine: 1, setting: 0, fromS: 0, toS: 80 },
        }),
      ],
    },
    {
      ...{ id: '1', readyS: 0 },
      blocks: [
        block('1.0', {
          lastsS: 100,
          hands: [
            { fromS: 0, toS: 10 },
            { fromS: 90, toS: 100 },
          ],
          use: { machine: 0, setting: 0, fromS: 0, toS: 100 },
        }),
      ],
    },
  ],
  machines: [press('0'), press('1')],
  people: [[]],
};

const endOf = (order: Int32Array) => decoderOf(EVENING).schedule(order).endS;

test('what has hands at both ends is put off where other work then fits between', () => {
  const begun = withSettings(EVENING, inTurn(EVENING));
  const { order, all } = tryAll(EVENING, begun, 1000);
  expect(all).toBe(true);
  // 30 s until its piece is there, 20 and 80 s of hands; the press is begun in between and taken out after
  expect(endOf(order)).toBe(150);
  const schedule = decoderOf(EVENING).schedule(order);
  expect(schedule.placed).toContainEqual(
    expect.objectContaining({ piece: 1, startS: 50, endS: 150 }),
  );
  const made = { evening: EVENING, loads: [], machines: [] };
  expect(reasonsOf(made, { schedule, order })).toEqual([{ code: 'put-off', machine: 0 }]);
  expect(reasonsOf(made, { schedule, order: begun })).toEqual([]);
});

test('a run keeps what was put off, and no longer waits for what has begun', () => {
  const all = { evening: EVENING, from: [0, 0] };
  const { order } = tryAll(EVENING, withSettings(EVENING, inTurn(EVENING)), 1000);
  const kept = keptOrder(all, order);
  expect(kept.filter(({ putOff }) => putOff)).toEqual([
    { piece: 1, block: 0, sets: false, putOff: true },
  ]);
  expect(orderLeft(all, kept)).toEqual(order);

  const [one, other] = EVENING.pieces as [PieceWork, PieceWork];
  const later = { ...EVENING, pieces: [{ ...one, blocks: one.blocks.slice(1) }, other] };
  expect([...orderLeft({ evening: later, from: [1, 0] }, kept)]).toEqual([1, 0]);
});
