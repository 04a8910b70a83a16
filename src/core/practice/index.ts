/** A pot to practise on without its number: a season of boils, what the eye and the cold water show, and what a boil is worth. */
export * from './look';
export * from './season';
