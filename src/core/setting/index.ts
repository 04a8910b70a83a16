/** Setting of layers: how long each takes, and when the next can go on. */
export * from './firmness';
export * from './setters';
export * from './glass';
export * from './ice';
export * from './places';
export * from './potCooling';
export * from './poured';
export type { LayerStates } from './firmState';
export * from './waits';
export * from './answers';
export type { SetReason } from './setReason';
export * from './fitted';
export * from './range';
