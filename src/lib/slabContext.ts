import { createContext } from 'svelte';
import type { Larder } from '../core/larder';
import type { Plan, Selling, SlabPrice } from '../core/usecases';
import type { RunMinutes } from '../core/cost';
import type { Shop } from '../core/shop';
import type { StoredTin } from './server/tins';
import type { LarderShelf } from './larderShelf.svelte';
import type { SlabDraft } from './slabDraft.svelte';

/** What every station of a slab works on. The plan follows the draft. */
export interface SlabWork {
  readonly draft: SlabDraft;
  readonly plan: Plan;
  /** Its price, the draft of its label and what is wrong with both; null for a moment, until that has been fetched. */
  readonly selling: Selling | null;
  /** Its price with the labour of its day; null until the day has been laid out once. */
  readonly price: SlabPrice | null;
  /** Whether the price is that of the slab as it is now. Until then no figure of it is shown. */
  readonly isPriceCurrent: boolean;
  /** Minutes of labour and of what draws power; null until the day has been laid out. */
  readonly run: RunMinutes | null;
  readonly shop: Shop;
  readonly larder: Larder;
  readonly rack: readonly StoredTin[];
  /** What is known here of the larder, and how to know more of it. */
  readonly shelf: LarderShelf;
  /** The layer taken hold of in the section. */
  chosen: string | null;
  /** The preparation that is open for work; the others are folded. */
  opened: string | null;
  /** Fixes the thickness of one layer; the others stay as they stand now, whatever set them. */
  readonly setThickness: (id: string, thicknessMm: number) => void;
}

export const [slabWork, setSlabWork] = createContext<SlabWork>();
