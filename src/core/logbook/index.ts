/** What the runs of a slab say: figures from run to run, what to change by them, and changes told in the slab's own terms. */
export * from './basis';
export * from './changes';
export * from './proposals';
export * from './robust';
export * from './trends';
