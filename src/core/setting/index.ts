/** How the layers become firm: how long each needs, whether the next may go on. */
export * from './firmness';
export * from './setters';
export * from './glass';
export * from './ice';
export * from './places';
export * from './potCooling';
export * from './poured';
export type { LayerStates } from './firmState';
export * from './waits';
export type { SetReason } from './setReason';
export * from './fitted';
export * from './range';
