import type { AnyTin } from './types';

/**
 * A tin in a few words, for lists and sheets.
 *
 * @example tinInWords({ shape: 'rectangle', lengthMm: 230, widthMm: 230, depthMm: 45 }) // '230 mm square, 45 deep'
 */
export function tinInWords(tin: AnyTin): string {
  if (tin.shape === 'sheet') {
    const bars = tin.depthMm ? `, bars of ${tin.depthMm}` : '';
    const outline = tin.outlineMm ? `, outline ${tin.outlineMm.length} x ${tin.outlineMm.width}` : '';
    return `${tin.lengthMm} x ${tin.widthMm} mm sheet${bars}${outline}`;
  }
  const flare = tin.flareDeg ? `, flared ${tin.flareDeg} degrees` : '';
  if (tin.shape === 'round') return `${tin.diameterMm} mm round, ${tin.depthMm} deep${flare}`;
  const size = tin.lengthMm === tin.widthMm ? `${tin.lengthMm} mm square` : `${tin.lengthMm} x ${tin.widthMm} mm`;
  return `${size}, ${tin.depthMm} deep${flare}`;
}

/** Whether two tins are the same inside. A corner or flare that is not given is none. */
export function sameTin(a: AnyTin, b: AnyTin): boolean {
  const measures = (tin: AnyTin) =>
    tin.shape === 'sheet'
      ? ['sheet', tin.lengthMm, tin.widthMm, tin.depthMm ?? 0, tin.outlineMm?.length, tin.outlineMm?.width]
      : tin.shape === 'round'
        ? ['round', tin.diameterMm, tin.depthMm, tin.flareDeg ?? 0]
        : ['rectangle', tin.lengthMm, tin.widthMm, tin.depthMm, tin.cornerMm ?? 0, tin.flareDeg ?? 0];
  return measures(a).join() === measures(b).join();
}
