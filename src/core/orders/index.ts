/** Orders of customers: lines, standing orders, assortments, and how they are typed. */
export * from './due';
export * from './repeat';
export * from './repeatFields';
export * from './schema';
export * from './types';
export * from './typed';
export * from './needed';
export * from './value';
