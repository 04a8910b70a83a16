/** Heat through a stack of layers: what of it each stuff holds and lets through, and how it leaves. */
export * from './properties';
export * from './grid';
export * from './solver';
export * from './stack';
export * from './curves';
export * from './run';
