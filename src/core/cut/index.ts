/** How a slab is divided: where each piece lies, what it weighs, and in which order the knife goes. */
export * from './area';
export * from './moments';
export * from './region';
export * from './grid';
export * from './layout';
export * from './surface';
export * from './shards';
export * from './tools';
export * from './pieces';
export * from './cutSlab';
export * from './move';
export * from './even';
export * from './linear';
export * from './mixed';
export * from './bags';
export * from './bySize';
export * from './order';
