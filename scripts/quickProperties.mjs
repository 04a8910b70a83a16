/** Bounds the property tests where they are run for every mutant: a fifth of a second each, and the first counterexample is enough. */
import fc from 'fast-check';
import { createRequire } from 'node:module';

fc.configureGlobal({ interruptAfterTimeLimit: 200, endOnFailure: true });

/** Bundled with the tests, older packages find Node's own modules by it. */
globalThis.require = createRequire(import.meta.url);
