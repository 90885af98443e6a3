/** Something stored or imported, before it is known to be what it says it is. */
export type Raw = Record<string, unknown>;

/** Whether something is an object with fields, not a list. */
export const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Step n takes a document of version n to version n + 1. */
export type Steps = Readonly<Record<number, (document: Raw) => Raw>>;

/** Why no way leads from a version to the one that is read. */
export type VersionFault =
  /** A newer Lucky Sheet wrote it. */
  | { readonly code: 'newer'; readonly version: number; readonly reads: number }
  | { readonly code: 'no-version'; readonly version: number };

/** A version this build cannot read: from the future, or not a version at all. */
export class UnknownVersionError extends Error {
  /** @param fault which version, and what is read. */
  constructor(readonly fault: VersionFault) {
    super(`version ${fault.version}: ${fault.code}`);
  }
}

/**
 * Brings a stored or imported document up to a version, step by step, without validating it.
 * @throws UnknownVersionError when no path leads from `version` to `target`.
 */
export function migrate(document: Raw, version: number, target: number, steps: Steps): Raw {
  if (!Number.isInteger(version) || version < 1) {
    throw new UnknownVersionError({ code: 'no-version', version });
  }
  if (version > target) {
    throw new UnknownVersionError({ code: 'newer', version, reads: target });
  }
  let current = document;
  for (let at = version; at < target; at++) {
    const step = steps[at];
    if (!step) throw new UnknownVersionError({ code: 'no-version', version: at });
    current = step(current);
  }
  return current;
}
