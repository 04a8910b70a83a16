/** Weighing out: everything needed before work begins. */
export * from './makings';
export * from './gathered';
