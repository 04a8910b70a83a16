/** What is asked of the core as a whole: each use calls the rooms in their order. */
export * from './planned';
export * from './scaling';
export * from './plan';
export * from './heights';
export * from './compare';
export * from './cuts';
export * from './cutAdvice';
export * from './swirls';
export * from './cutInOrder';
export * from './evenSlab';
export * from './mixedSlab';
export * from './setting';
export * from './timeline';
export * from './gather';
export * from './order';
export * from './allergensIn';
export * from './guesses';
