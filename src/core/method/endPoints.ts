// Questions about the end points of boils, asked once the whole method is known.
import type { Clause } from './clauses';
import { rootOf, type Laid } from './kitchen';
import type { Done } from './takeIn';

/** A clause, what it did, and what it laid in the tin. */
export type ClauseDone = readonly [Clause, Done, Laid | null];

/** Sugar, and what is boiled with it. */
const SUGARS = /sugar|syrup|glucose|treacle|honey|molasses/i;
const BOILED_WITH =
  /sugar|syrup|glucose|treacle|honey|molasses|water|butter|cream|milk|salt|vanilla|lemon|cream of tartar|vinegar|oil|extract|bicarb|soda/i;

/** Asks for the end point of sugar that is boiled without a temperature, a sign or a time. */
export function askForEnds(done: ClauseDone[]): void {
  done.forEach(([clause, what, laid], at) => {
    const { mixture } = what;
    if (clause.kind !== 'boil' || !mixture || what.ask) return;
    const own = rootOf(mixture);
    const names = own.uses.map(({ of }) => of.ingredient);
    const isLast = !done
      .slice(at + 1)
      .some(([later, { mixture: next }]) => later.kind === 'boil' && next && rootOf(next) === own);
    const isSugar = names.some((name) => SUGARS.test(name)) && names.every((name) => BOILED_WITH.test(name));
    const isTimed = done.some(
      ([other, { mixture: next }]) => other.kind === 'boil' && other.minutes && next && rootOf(next) === own,
    );
    // A colour on the way is no end point where the same pot goes on to a temperature.
    if (clause.note?.code === 'sign-range' && own.cookTo?.celsius !== clause.celsius) {
      done[at] = [{ ...clause, celsius: null, note: null, status: 'read' }, what, laid];
      return;
    }
    if (!clause.minutes && isLast && isSugar && !isTimed && !own.cookTo)
      done[at] = [clause, { ...what, ask: { code: 'no-end-point' } }, laid];
  });
}
