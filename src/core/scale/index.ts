/** A slab in other tins. */
export * from './prepared';
export * from './layerParts';
export * from './vessel';
export * from './standing';
export * from './spreads';
export * from './laid';
export * from './written';
export * from './scaled';
export * from './asFarAs';
export * from './cooks';
export * from './rewritten';
export * from './wholeThings';
