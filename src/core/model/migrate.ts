/** Version of the job, shelf and record schemas together. Raise it with every change of shape. */
export const SCHEMA_VERSION = 3;

type Document = Record<string, unknown>;

/** Step n takes a document of version n to version n + 1. */
const STEPS: Record<number, (document: Document) => Document> = {
  // 2 brought more forms of blank and fields that all have a default: nothing old is rewritten
  1: (document) => document,
  // 3 brought more transfers, what is known of machines, and own figures, all with a default
  2: (document) => document,
};

/** A version this build cannot read: from the future, or not a version at all. */
export class UnknownVersionError extends Error {}

/**
 * Brings a stored or imported document up to today's schema, step by step, without validating it.
 * @param steps the migrations to use; only tests pass their own.
 * @throws UnknownVersionError when no path leads from `version` to `target`.
 */
export function migrate(
  document: Document,
  version: number,
  target: number = SCHEMA_VERSION,
  steps: Record<number, (document: Document) => Document> = STEPS,
): Document {
  if (!Number.isInteger(version) || version < 1) {
    throw new UnknownVersionError(`“${version}” is not a schema version.`);
  }
  if (version > target) {
    throw new UnknownVersionError(
      `This was written by a newer Lucky Sheet (schema ${version}; this one reads up to ${target}).`,
    );
  }
  let current = document;
  for (let at = version; at < target; at++) {
    const step = steps[at];
    if (!step) throw new UnknownVersionError(`There is no path from schema ${at} to ${at + 1}.`);
    current = step(current);
  }
  return current;
}
