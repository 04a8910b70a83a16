/** Units, cup and spoon standards, and rounding to what a kitchen can measure. */
export * from './units';
export * from './massOf';
export * from './spoons';
export * from './bench';
export * from './written';
export * from './readNumber';
export * from './figures';
export * from './readQuantity';
