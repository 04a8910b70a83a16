import type { MethodRead } from '$core/method';
import type { CutSpec, Slab } from '$core/slab';

/** What the maker decides about a pasted slab: what is not used from its method, and what is chosen instead. */
export interface SlabChoices {
  readonly noTin: boolean;
  readonly noCut: boolean;
  readonly noKeep: boolean;
  readonly cut: CutSpec | null;
  readonly keep: Slab['keep'] | null;
  /** Whether the cut and the shelf life are left open on purpose. */
  readonly isCutLater: boolean;
  readonly isKeepLater: boolean;
}

export const NO_CHOICES: SlabChoices = {
  ...{ noTin: false, noCut: false, noKeep: false },
  ...{ cut: null, keep: null, isCutLater: false, isKeepLater: false },
};

/** Returns the method without what the maker does not use. */
export const methodChosen = (method: MethodRead, { noTin, noCut, noKeep }: SlabChoices): MethodRead => ({
  ...method,
  tin: noTin ? null : method.tin,
  cut: noCut ? null : method.cut,
  keep: noKeep ? null : method.keep,
});

/** Returns the slab with the cut and the shelf life that the maker chose. */
export const slabChosen = (slab: Slab, { cut, keep }: SlabChoices): Slab => ({
  ...slab,
  ...(cut ? { cut } : {}),
  ...(keep ? { keep } : {}),
});
