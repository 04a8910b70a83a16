/** Heat flow through a stack of layers: thermal properties, and heat loss at the faces. */
export * from './properties';
export * from './grid';
export * from './solver';
export * from './stack';
export * from './curves';
export * from './run';
