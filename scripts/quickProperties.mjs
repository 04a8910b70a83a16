/** Bounds the property tests where they are run for every mutant: half a second each, and the first counterexample is enough. */
import fc from 'fast-check';

fc.configureGlobal({ interruptAfterTimeLimit: 500, endOnFailure: true });
