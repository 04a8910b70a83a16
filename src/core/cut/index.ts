/** Even grids, ruler marks, and what the pieces weigh. */
export * from './area';
export * from './grid';
export * from './pieces';
export * from './evenCut';
export * from './move';
export * from './bySize';
export * from './order';
