/** Loaded before the tests that run for a mutant: it ends them as soon as they can tell. */
import fc from 'fast-check';
import { createRequire } from 'node:module';
import { beforeEach } from 'node:test';

/** A law gets a fifth of a second, and the first counterexample is enough. */
fc.configureGlobal({ interruptAfterTimeLimit: 200, endOnFailure: true });

/** Lets the signal in by which a process is ended after the first test that fails. */
beforeEach(() => new Promise(setImmediate));

/** Bundled with the tests, older packages find Node's own modules by it. */
globalThis.require = createRequire(import.meta.url);
