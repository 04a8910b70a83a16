/** Everything that is to be at hand before work begins. */
export * from './makings';
export * from './gathered';
