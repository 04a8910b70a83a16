/** What a thing is, decided once: by composition and allergens first, by name where those are missing. */
export * from './ingredients';
export * from './boils';
export * from './behaviour';
export * from './look';
export * from './usual';
