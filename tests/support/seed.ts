import fc from 'fast-check';

/**
 * Property tests try the same cases at every run, so that a change alone makes them fail; SEED=random (or a
 * number) tries others, to look for faults nobody has met.
 */
const wanted = process.env.SEED ?? '20260912';
fc.configureGlobal({
  seed: wanted === 'random' ? Math.floor(Math.random() * 2 ** 31) : Number(wanted),
});
