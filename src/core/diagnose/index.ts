/** What went wrong with a slab: causes from the field's knowledge, weighed by what was recorded of its run. */
export * from './causes';
export * from './diagnose';
export * from './facts';
