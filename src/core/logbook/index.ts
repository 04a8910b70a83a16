/** Learning from the runs of a slab: figures from run to run, proposed changes, and noted changes. */
export * from './basis';
export * from './changes';
export * from './proposals';
export * from './robust';
export * from './trends';
