/** Scaling a slab to other tins. */
export * from './weighedLine';
export * from './mixture';
export * from './layerParts';
export { foamOfLayer } from './laidVolume';
export * from './vessel';
export * from './placedTins';
export * from './spreads';
export * from './laid';
export * from './written';
export * from './scaled';
export * from './stockLimit';
export * from './byHand';
export * from './batches';
export * from './rewritten';
export * from './wholeThings';
