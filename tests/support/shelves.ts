import fc from 'fast-check';
import { TRANSFER_KINDS, type Machine, type OwnFigures, type Shelf } from '@/core/model';
import { ownFigures } from '@/core/press';
import { BUILT_IN_SHELF, EMPTY_SHELF, mergeShelves } from '@/core/shelf';

/** Some built-in things as their owner edited them. */
const edited = <T extends { id: string }>(
  things: readonly T[],
  change: (thing: T, by: number) => T,
): fc.Arbitrary<T[]> =>
  fc
    .subarray([...things])
    .chain((some) =>
      fc.tuple(
        ...some.map((thing) => fc.integer({ min: 1, max: 9 }).map((by) => change(thing, by))),
      ),
    );

const anyFigures = (machines: readonly Machine[], blankId: string): fc.Arbitrary<OwnFigures> =>
  fc
    .record({
      machineId: fc.constantFrom(...machines.map(({ id }) => id)),
      transfer: fc.constantFrom(...TRANSFER_KINDS),
      temperatureC: fc.constantFrom(180, 200, 205),
      dwellS: fc.integer({ min: 20, max: 900 }),
    })
    .map((some) => ownFigures({ ...some, blankId, pressure: null, origin: 'own log' as const }));

/**
 * Shelves of home crafters: presets, some of them put right, some figures of their own for a blank.
 * Ids are those of the presets, as two people's are, so that things of one id differ.
 */
export const anyShelf = (blankId: string): fc.Arbitrary<Shelf> =>
  fc
    .record({
      papers: edited(BUILT_IN_SHELF.papers, (paper, by) => ({
        ...paper,
        heightMm: paper.heightMm + by,
      })),
      printers: edited(BUILT_IN_SHELF.printers, (printer, by) => ({
        ...printer,
        barMm: { across: 100 - by / 10, along: 100 },
        mirrorsOnItsOwn: by > 6,
      })),
      machines: edited(BUILT_IN_SHELF.machines, (machine, by) => ({
        ...machine,
        displayOffsetC: -by,
        timerMaxS: 30 * by,
      })),
      figures: fc.uniqueArray(anyFigures(BUILT_IN_SHELF.machines, blankId), {
        maxLength: 12,
        selector: ({ id }) => id,
      }),
    })
    .map((own) => mergeShelves(BUILT_IN_SHELF, { ...EMPTY_SHELF, ...own }));
