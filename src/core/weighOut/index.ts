/** Weighing out: everything needed before work begins. */
export * from './sharedMixtures';
export * from './weighOutList';
