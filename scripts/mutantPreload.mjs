/** Loaded before the tests that run for a mutant: ends them as soon as the result is certain. */
import fc from 'fast-check';
import { createRequire } from 'node:module';
import { beforeEach } from 'node:test';

/** A property test gets a fifth of a second, and the first counterexample is enough. */
fc.configureGlobal({ interruptAfterTimeLimit: 200, endOnFailure: true });

/** Accepts the signal that ends a process after the first failing test. */
beforeEach(() => new Promise(setImmediate));

/** Bundled with the tests, older packages find Node's own modules through `require`. */
globalThis.require = createRequire(import.meta.url);
