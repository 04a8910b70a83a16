import { createContext } from 'svelte';
import type { Larder } from '$core/larder';
import type { Plan } from '$core/usecases';
import type { Shop } from '$core/shop';
import type { StoredTin } from '$lib/server/tins';
import type { LarderShelf } from './larderShelf.svelte';
import type { SlabDraft } from './slabDraft.svelte';
import type { SlabMoney } from './slabMoney.svelte';

/** What every station of a slab works on. The plan follows the draft. */
export interface SlabWork {
  readonly draft: SlabDraft;
  readonly plan: Plan;
  /** Its price and label, with the labour of its schedule. */
  readonly money: SlabMoney;
  readonly shop: Shop;
  readonly larder: Larder;
  readonly rack: readonly StoredTin[];
  /** What is known here of the larder, and how to know more of it. */
  readonly shelf: LarderShelf;
  /** The layer taken hold of in the section. */
  chosen: string | null;
  /** The preparation that is open for work; the others are folded. */
  openPreparation: string | null;
  /** Fixes the thickness of one layer; the others stay as they stand now, whatever set them. */
  readonly setThickness: (id: string, thicknessMm: number) => void;
}

export const [slabWork, setSlabWork] = createContext<SlabWork>();
