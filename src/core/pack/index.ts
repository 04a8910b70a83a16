/** Packaging: boxes, bags, wrappers, stacks. */
export * from './boxes';
export * from './wraps';
export * from './stack';
export * from './packed';
