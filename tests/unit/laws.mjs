/**
 * The cases of property tests: the same generated cases on every machine, so that a result depends on the change alone. `LAWS_SEED=7
 * npm test -- unit` tries others; a failing one prints its case, which then gets a test of its own.
 */
import fc from 'fast-check';

fc.configureGlobal({ seed: Number(process.env.LAWS_SEED ?? 1) });
