/**
 * One record for each thing there is of a kind: their keys are its names, and nothing else lists them.
 * @example recordsOf<Traits>()({ one: …, other: … })
 */
export const recordsOf =
  <T>() =>
  <const K extends string>(records: Readonly<Record<K, T>>): Readonly<Record<K, T>> =>
    records;

/** The keys of a record that names everything there is of a kind, in the order they stand in it. */
export const keysOf = <K extends string>(record: Readonly<Record<K, unknown>>): readonly K[] =>
  Object.keys(record) as K[];
