import type { RunMinutes } from '$core/cost';
import type { Larder } from '$core/larder';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import type { Plan, Selling, SlabPrice } from '$core/usecases';
import { money } from '$lib/format/money';
import { namedIngredients } from './namedIngredients';
import { ReadyIn } from './readyIn.svelte';
import type { SlabDraft } from './slabDraft.svelte';

/** What the price of a slab depends on. */
export interface PricedWork {
  readonly draft: SlabDraft;
  readonly larder: Larder;
  readonly shop: Shop;
  /** The plan of the draft, and of the saved version. */
  readonly plan: Plan;
  readonly keptPlan: Plan;
}

/** What the first piece type is sold at, in words; null without a price. */
function soldAtOf(sold: Selling | null): string | null {
  const [first] = sold?.price.earned.kinds ?? [];
  return sold && first ? money(first.price / 10 ** sold.price.digits, sold.price.currency) : null;
}

/** Price, label and labour of a slab and of its saved version, kept up with the draft. Made while a component is set up. */
export class SlabMoney {
  readonly #of: () => PricedWork;
  readonly #now = new ReadyIn();
  readonly #savedIn = new ReadyIn();
  readonly #today: string;
  /** Prices and labels are code of their own, fetched when somebody wants it. */
  #sellingOf = $state.raw<(typeof import('$core/usecases/selling'))['sellingOf'] | null>(null);
  /** The labour of the saved version, noted while the draft was just that. */
  #noted = $state.raw<{ readonly of: Slab; readonly run: RunMinutes } | null>(null);

  readonly #savedRun = $derived.by(() => {
    const { kept } = this.#of().draft;
    return this.#noted?.of === kept ? this.#noted.run : this.#savedIn.of === kept ? this.#savedIn.run : null;
  });
  /** The price, the label draft and what is wrong with both; null until the code for it is there. */
  readonly selling: Selling | null = $derived.by(() => {
    const { draft, larder, shop, plan } = this.#of();
    return this.#sellingOf?.(draft.slab, larder, shop, plan, this.#now.run, this.#today) ?? null;
  });
  readonly keptSelling: Selling | null = $derived.by(() => {
    const { draft, larder, shop, keptPlan } = this.#of();
    if (!draft.changed) return this.selling;
    return this.#sellingOf?.(draft.kept, larder, shop, keptPlan, this.#savedRun, this.#today) ?? null;
  });
  /** Whether the price is that of the draft as it is now. Until then no figure of it is shown. */
  readonly isCurrent = $derived.by(() => this.#now.of === this.#of().draft.slab);

  /** @param clock what the time is */
  constructor(of: () => PricedWork, clock: () => Date) {
    this.#of = of;
    this.#today = clock().toISOString().slice(0, 10);
    $effect(() => {
      const { draft, larder, shop } = of();
      this.#now.ask(draft.slab, namedIngredients(draft.slab, larder), shop, clock());
    });
    $effect(() => {
      const { draft, larder, shop } = of();
      if (!draft.changed && this.isCurrent && this.#now.run) this.#noted = { of: draft.kept, run: this.#now.run };
      else if (draft.changed && this.#savedRun === null && this.#savedIn.asked !== draft.kept)
        this.#savedIn.ask(draft.kept, namedIngredients(draft.kept, larder), shop, clock());
    });
  }

  /** Minutes of labour and of what draws power; null until they are known. */
  get run(): RunMinutes | null {
    return this.#now.run;
  }

  /** The price with the labour of its schedule; null until that is known. */
  get price(): SlabPrice | null {
    return this.#now.run === null ? null : (this.selling?.price ?? null);
  }

  get soldAt(): string | null {
    return this.selling && !this.isCurrent ? '…' : soldAtOf(this.selling);
  }

  get keptSoldAt(): string | null {
    return this.#of().draft.changed && this.#savedRun === null ? null : soldAtOf(this.keptSelling);
  }

  /** Minutes from the first step to the last, and how much of it is labour; null until known. */
  get readyIn(): { readonly minutes: number; readonly handsMinutes: number } | null {
    const { minutes, handsMinutes } = this.#now;
    return minutes === null ? null : { minutes, handsMinutes };
  }

  /** Whether the labour cannot be worked out on this device, so that no price will come. */
  get hasFailed(): boolean {
    return this.#now.hasFailed;
  }

  /** Fetches the code for prices and labels. */
  fetch(): void {
    if (!this.#sellingOf) void import('$core/usecases/selling').then((found) => (this.#sellingOf = found.sellingOf));
  }

  close(): void {
    this.#now.close();
    this.#savedIn.close();
  }
}
