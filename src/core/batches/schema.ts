import { scaleSchema } from '../slab';
import { tinSchema } from '../tin';
import { fields, list, momentSchema, note, REQUIRED, text, whole, type Held } from '../validation';

const MAX_PIECES = 1_000_000;
const id = () => whole(1, Number.MAX_SAFE_INTEGER).required(REQUIRED);

/** A planned batch of a slab, as it is sent and stored. Its steps are planned with the week. */
export const batchSchema = fields({
  slab: id(),
  tins: list(
    fields({
      ...{ tin: tinSchema, name: note(200), count: whole(1, 100).required(REQUIRED) },
      /** Pieces of each type that one such tin gives, in the order of the batch's pieces. */
      pieces: list(whole(0, MAX_PIECES).required(REQUIRED), 100),
    }).required(REQUIRED),
    20,
    1,
  ).required(REQUIRED),
  /** Where its tins are not those of the slab: cut into pieces of the slab's own size. */
  scale: scaleSchema,
  /** What it gives, by piece type. */
  pieces: list(
    fields({ kind: note(200).nullable(), count: whole(0, MAX_PIECES).required(REQUIRED) }).required(REQUIRED),
    100,
  ).required(REQUIRED),
  notBefore: momentSchema,
  due: momentSchema.required(REQUIRED),
  /** Orders that it is made for, those of a standing order by their occurrence. */
  orders: list(fields({ order: id(), occurrence: momentSchema }).required(REQUIRED), 200),
  /** Mixtures that it takes from the pots of other batches, by its own preparations. */
  takes: list(fields({ preparation: text(200), from: id() }).required(REQUIRED), 50),
  /** Steps that were moved by hand and stay there. */
  pinned: list(fields({ step: text(200), start: momentSchema.required(REQUIRED) }).required(REQUIRED), 500),
});

export type Batch = Held<typeof batchSchema>;
