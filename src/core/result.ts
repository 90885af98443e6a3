/** A value read from outside, or a sentence saying what is wrong and what to do. */
export type Result<T> = { ok: true; value: T } | { ok: false; reason: string };

/** A result that went well. */
export const success = <T>(value: T): Result<T> => ({ ok: true, value });
/** A result that did not, with a reason fit for the person. */
export const failure = (reason: string): { ok: false; reason: string } => ({ ok: false, reason });
