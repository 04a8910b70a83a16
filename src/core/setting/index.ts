/** Heat through the layers: how long each needs, whether the next may go on. */
export * from './properties';
export * from './firmness';
export * from './grid';
export * from './solver';
export * from './heat';
export * from './places';
export * from './potCooling';
export * from './stack';
export * from './waits';
export * from './range';
