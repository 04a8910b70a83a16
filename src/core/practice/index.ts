/** Practice boils without a thermometer: a round of boils, what the pot and the cold-water test show, and the score. */
export * from './look';
export * from './season';
