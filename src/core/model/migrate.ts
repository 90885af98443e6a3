/** Something stored or imported, before it is known to be what it says it is. */
export type Raw = Record<string, unknown>;

/** Step n takes a document of version n to version n + 1. */
export type Steps = Readonly<Record<number, (document: Raw) => Raw>>;

/** A version this build cannot read: from the future, or not a version at all. */
export class UnknownVersionError extends Error {
  /** @param newer whether a newer Lucky Sheet wrote it. */
  constructor(
    message: string,
    readonly newer: boolean,
  ) {
    super(message);
  }
}

/**
 * Brings a stored or imported document up to a version, step by step, without validating it.
 * @throws UnknownVersionError when no path leads from `version` to `target`.
 */
export function migrate(document: Raw, version: number, target: number, steps: Steps): Raw {
  if (!Number.isInteger(version) || version < 1) {
    throw new UnknownVersionError(`“${version}” is not a version.`, false);
  }
  if (version > target) {
    throw new UnknownVersionError(
      `This was written by a newer Lucky Sheet (version ${version}; this one reads up to ${target}).`,
      true,
    );
  }
  let current = document;
  for (let at = version; at < target; at++) {
    const step = steps[at];
    if (!step)
      throw new UnknownVersionError(`There is no path from version ${at} to ${at + 1}.`, false);
    current = step(current);
  }
  return current;
}
