/** Readings of a bench scale turned into weighed items. */
export * from './weighing';
