/** Heat through the layers: how long each needs, whether the next may go on. */
export * from './properties';
export * from './firmness';
export * from './setters';
export * from './glass';
export * from './ice';
export * from './grid';
export * from './solver';
export * from './heat';
export * from './places';
export * from './potCooling';
export * from './stack';
export type { LayerStates } from './firmState';
export * from './waits';
export * from './fitted';
export * from './range';
