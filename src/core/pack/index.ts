/** What pieces are packed in: boxes, bags, papers, stacks. */
export * from './boxes';
export * from './wraps';
export * from './stack';
export * from './packed';
