/** Diagnosis of a slab that went wrong: causes from the literature, weighed by the record of its run. */
export * from './causes';
export * from './diagnose';
export * from './facts';
