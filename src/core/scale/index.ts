/** A slab in other tins. */
export * from './prepared';
export * from './written';
export * from './scaled';
export * from './cooks';
export * from './rewritten';
