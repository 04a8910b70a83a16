/** Sugar boils: remaining water, stages, altitude, thermometers and forecasts. */
export * from './sugarShare';
export * from './boil';
export * from './stages';
export * from './altitude';
export * from './flame';
export * from './forecast';
export * from './melting';
export * from './tempering';
