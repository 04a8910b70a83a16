import { createContext } from 'svelte';
import type { AllergenStatement, Larder } from '$core/larder';
import type { Plan } from '$core/usecases';
import type { Shop } from '$core/shop';
import type { StoredTin } from '$lib/server/tins';
import type { LarderShelf } from './larderShelf.svelte';
import type { SlabDraft } from './slabDraft.svelte';
import type { SlabMoney } from './slabMoney.svelte';

/** Shared state of all stations of a slab. The plan follows the draft. */
export interface SlabWork {
  readonly draft: SlabDraft;
  readonly plan: Plan;
  /** Price and label, with the labour of its schedule. */
  readonly money: SlabMoney;
  readonly shop: Shop;
  readonly larder: Larder;
  readonly rack: readonly StoredTin[];
  /** What is known of its allergens. */
  readonly allergens: AllergenStatement;
  /** Known part of the larder, and how to fetch more. */
  readonly shelf: LarderShelf;
  /** By how much the schedule shown misses its deadline, min; `null` if it does not, or none is shown. */
  readonly deadline: { lateMinutes: number | null };
  /** The layer selected in the cross-section. */
  chosen: string | null;
  /** The expanded preparation; the others are collapsed. */
  openPreparation: string | null;
  /** Sets the thickness of one layer; the others keep their current thickness. */
  readonly setThickness: (id: string, thicknessMm: number) => void;
}

export const [slabWork, setSlabWork] = createContext<SlabWork>();
