/** What a boil leaves, the stages, altitude and probes, and forecasts. */
export * from './sugarShare';
export * from './boil';
export * from './stages';
export * from './altitude';
export * from './flame';
export * from './forecast';
export * from './melting';
export * from './tempering';
