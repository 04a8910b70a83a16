/** Scheduling: steps, links and timelines. */
export * from './activity';
export * from './means';
export * from './steadyRandom';
export * from './reason';
export * from './generate';
export * from './timeline';
export * from './hours';
export * from './steps';
export * from './sharedPot';
export * from './pots';
export * from './chain';
