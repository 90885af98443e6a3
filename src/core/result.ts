/** A value read from outside, or why it cannot be had: facts in the core, a sentence for the person elsewhere. */
export type Result<T, Why = string> = { ok: true; value: T } | { ok: false; reason: Why };

/** A result that went well. */
export const success = <T>(value: T): { ok: true; value: T } => ({ ok: true, value });
/** A result that did not, with the reason. */
export const failure = <Why>(reason: Why): { ok: false; reason: Why } => ({ ok: false, reason });
