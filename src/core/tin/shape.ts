import type { Figures } from '../measure';
import type { AnyTin, Outline, SheetTin, Tin } from './types';

const MM3_PER_ML = 1000;

/** Tangent of the wall slope: outward lean in mm per mm of height. */
export function lean(tin: Tin): number {
  return Math.tan(((tin.flareDeg ?? 0) * Math.PI) / 180);
}

/** Properties of a tin shape; add new shapes here. */
interface ShapeRule<T extends AnyTin> {
  /** The tin as a shape with walls. */
  readonly standing: (tin: T) => Tin;
  /** The dimensions that make two tins equal inside. */
  readonly measures: (tin: T) => readonly (number | undefined)[];
  /** The tin in a few words. */
  readonly inWords: (tin: T, figures: Figures) => string;
  /** The longest side or the diameter, mm. */
  readonly longestMm: (tin: T) => number;
  /** The tin without the fields of one slab, such as the outline on a sheet. */
  readonly bare: (tin: T) => T;
}

/** Additional properties of shapes with walls. */
interface StandingRule<T extends Tin> extends ShapeRule<T> {
  readonly outlineAt: (tin: T, heightMm: number) => Outline;
  /** Volume from the base, mL. */
  readonly volumeMlTo: (tin: T, heightMm: number) => number;
  /** The space inside a film on every wall. */
  readonly inset: (tin: T, filmMm: number) => T;
}

type Shape = AnyTin['shape'];
type Of<S extends Shape> = Extract<AnyTin, { readonly shape: S }>;
type Rules = {
  readonly [S in Shape]: Of<S> extends Tin ? StandingRule<Of<S>> : ShapeRule<Of<S>>;
};

const flareInWords = ({ flareDeg }: Tin) => (flareDeg ? `, flared ${flareDeg} degrees` : '');
/** Minimum space that a film leaves, mm. */
const MIN_INSIDE_MM = 1;

/** All tin shapes. */
export const SHAPE: Rules = {
  rectangle: {
    standing: (tin) => tin,
    measures: ({ lengthMm, widthMm, depthMm, cornerMm = 0, flareDeg = 0 }) => [
      lengthMm,
      widthMm,
      depthMm,
      cornerMm,
      flareDeg,
    ],
    inWords: (tin, { size, length }) => {
      const sides = tin.lengthMm === tin.widthMm ? `${size(tin.lengthMm)} square` : size(tin.lengthMm, tin.widthMm);
      return `${sides}, ${length.typed(tin.depthMm)} deep${flareInWords(tin)}`;
    },
    longestMm: ({ lengthMm }) => lengthMm,
    bare: (tin) => tin,
    outlineAt: (tin, heightMm) => {
      const grown = 2 * heightMm * lean(tin);
      return { lengthMm: tin.lengthMm + grown, widthMm: tin.widthMm + grown, cornerMm: tin.cornerMm ?? 0 };
    },
    volumeMlTo: (tin, h) => {
      const t = lean(tin);
      const { lengthMm: a, widthMm: b, cornerMm: r = 0 } = tin;
      const straight = (a * b - (4 - Math.PI) * r * r) * h;
      return (straight + (a + b) * t * h * h + (4 / 3) * t * t * h ** 3) / MM3_PER_ML;
    },
    inset: (tin, filmMm) => {
      const lengthMm = Math.max(MIN_INSIDE_MM, tin.lengthMm - 2 * filmMm);
      const widthMm = Math.max(MIN_INSIDE_MM, tin.widthMm - 2 * filmMm);
      const cornerMm = Math.min(Math.max(0, (tin.cornerMm ?? 0) - filmMm), lengthMm / 2, widthMm / 2);
      return { ...tin, lengthMm, widthMm, cornerMm };
    },
  },
  round: {
    standing: (tin) => tin,
    measures: ({ diameterMm, depthMm, flareDeg = 0 }) => [diameterMm, depthMm, flareDeg],
    inWords: (tin, { size, length }) =>
      `${size(tin.diameterMm)} round, ${length.typed(tin.depthMm)} deep${flareInWords(tin)}`,
    longestMm: ({ diameterMm }) => diameterMm,
    bare: (tin) => tin,
    outlineAt: (tin, heightMm) => {
      const acrossMm = tin.diameterMm + 2 * heightMm * lean(tin);
      return { lengthMm: acrossMm, widthMm: acrossMm, cornerMm: acrossMm / 2 };
    },
    volumeMlTo: (tin, h) => {
      const t = lean(tin);
      const r = tin.diameterMm / 2;
      return (Math.PI * (r * r * h + r * t * h * h + (t * t * h ** 3) / 3)) / MM3_PER_ML;
    },
    inset: (tin, filmMm) => ({ ...tin, diameterMm: Math.max(MIN_INSIDE_MM, tin.diameterMm - 2 * filmMm) }),
  },
  sheet: {
    standing: (sheet) => outlinedSheet(sheet, sheet.outlineMm ?? { length: sheet.lengthMm, width: sheet.widthMm }),
    measures: ({ lengthMm, widthMm, depthMm = 0, outlineMm }) => [
      lengthMm,
      widthMm,
      depthMm,
      outlineMm?.length,
      outlineMm?.width,
    ],
    inWords: ({ lengthMm, widthMm, depthMm, outlineMm }, { size, length }) => {
      const bars = depthMm ? `, bars of ${length.typed(depthMm)}` : '';
      const outline = outlineMm ? `, outline ${length.typed(outlineMm.length)} x ${length.typed(outlineMm.width)}` : '';
      return `${size(lengthMm, widthMm)} sheet${bars}${outline}`;
    },
    longestMm: ({ lengthMm }) => lengthMm,
    bare: (sheet) => ({ ...sheet, outlineMm: undefined }),
  },
};

/** Returns the part of a sheet that a slab covers as a tin with straight walls as high as its bars. */
export function outlinedSheet({ depthMm = 0 }: SheetTin, { length, width }: { length: number; width: number }): Tin {
  return { shape: 'rectangle', lengthMm: length, widthMm: width, depthMm, cornerMm: 0, flareDeg: 0 };
}

/** Returns the properties of a tin's shape. */
export const ruleOf = <T extends AnyTin>(tin: T) => SHAPE[tin.shape] as unknown as ShapeRule<T>;
export const standingRuleOf = <T extends Tin>(tin: T) => SHAPE[tin.shape] as unknown as StandingRule<T>;
