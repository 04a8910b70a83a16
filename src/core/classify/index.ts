/** Classification of ingredients, boils and layers, from composition and allergens first and from names where those are missing. */
export * from './ingredients';
export * from './boils';
export * from './behaviour';
export * from './foam';
export * from './look';
export * from './usual';
