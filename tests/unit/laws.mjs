/**
 * What the laws are tried on: the same made-up cases on every machine, so that a change is judged by the change.
 * `LAWS_SEED=7 npm test -- unit` tries others; one that fails prints its case, which then gets a test of its own.
 */
import fc from 'fast-check';

fc.configureGlobal({ seed: Number(process.env.LAWS_SEED ?? 1) });
