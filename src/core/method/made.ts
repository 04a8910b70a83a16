// Turns the kitchen after the last clause into preparations and layers of a slab.
import type { Layer, Line, LinePart, Preparation, Step } from '../slab';
import { rootOf, type Kitchen, type Laid, type Mixture, type Use } from './kitchen';

/** Whisking by hand while another pot is watched is not possible. */
const BY_MACHINE: Pick<Step, 'hands' | 'occupies'> = { hands: 'watch', occupies: ['mixer'] };

/** Returns the preparations of a kitchen at the end of its method. */
export function preparationsOf({ sections, mixtures }: Kitchen): Preparation[] {
  const made = mixtures.filter((mixture) => mixture.root === null && mixture.uses.length > 0);
  const met = new Set(made.flatMap(({ id, meets }) => (meets ? [id, meets.preparation] : [])));
  const uses = made.flatMap((mixture) => mixture.uses.map((use) => ({ mixture, use })));
  const ordered = [...made].sort((a, b) => sections.indexOf(a.section) - sections.indexOf(b.section));
  const kept = ordered.map((mixture): Preparation => {
    const { id, section, cookTo, steps, meets } = mixture;
    const isFirst = made.find((other) => other.section === section) === mixture;
    // A line stands where its first part goes, and the other parts are divided from it.
    const lines = uses
      .filter((own, at) => own.mixture === mixture && uses.findIndex(({ use }) => use.of === own.use.of) === at)
      .map(({ use }) =>
        lineOf(
          use,
          mixture,
          uses.filter((other) => other.use !== use && other.use.of === use.of),
        ),
      );
    const order = (line: Line) =>
      section.lines.findIndex(({ line: own }) => own.ingredient === line.ingredient && own.text === line.text);
    lines.sort((a, b) => order(a) - order(b));
    // The last boil with an end point sets the end point.
    const cooks = steps.findLast((step) => step.cooks)?.id;
    return {
      ...{ id, name: nameOf(mixture, made), lines },
      ...(isFirst && section.unread.length > 0 ? { unread: [...section.unread] } : {}),
      ...(cookTo ? { cookTo } : {}),
      ...(meets ? { meets } : {}),
      ...(steps.length > 0
        ? {
            steps: steps.map(({ cooks: _, ...step }) => ({
              ...step,
              ...(met.has(id) && step.id.startsWith('beat') ? BY_MACHINE : {}),
              ...(step.id === cooks ? { cooks: true } : {}),
            })),
          }
        : {}),
    };
  });
  // Sections of which nothing was made keep their text.
  const empty = sections.filter(
    (section) => section.unread.length > 0 && !made.some((mixture) => mixture.section === section),
  );
  return [...kept, ...empty.map(({ id, name, unread }): Preparation => ({ id, name, lines: [], unread: [...unread] }))];
}

function lineOf(use: Use, mixture: Mixture, others: readonly { readonly mixture: Mixture; readonly use: Use }[]): Line {
  const first = mixture.steps[0]?.id ?? null;
  const at = use.at !== null && use.at !== first ? use.at : null;
  const divided = others
    .filter((other) => other.mixture !== mixture || other.use.at !== use.at)
    .map(({ mixture: goesTo, use: { share, at: step } }): LinePart => ({
      share,
      ...(goesTo === mixture ? {} : { preparation: goesTo.id }),
      ...(step === null ? {} : { addedAt: step }),
    }));
  return { ...use.of.line, ...(at === null ? {} : { addedAt: at }), ...(divided.length > 0 ? { divided } : {}) };
}

/** Names a mixture: by its heading where it is the only one under it, otherwise by what is in it. */
function nameOf(mixture: Mixture, made: readonly Mixture[]): string {
  const { section, uses, cookTo } = mixture;
  if (made.filter((other) => other.section === section).length === 1) return section.name;
  const names = [...new Set(uses.map(({ of }) => of.ingredient))];
  const [first = section.name, second] = names;
  const text =
    (cookTo?.celsius ?? 0) >= 100
      ? names.some((name) => /cream|milk/i.test(name))
        ? 'caramel'
        : names.some((name) => /butter/i.test(name))
          ? 'toffee'
          : names.some((name) => /honey/i.test(name)) && names.length === 1
            ? 'honey'
            : 'syrup'
      : names.length === 1
        ? first
        : names.length === 2
          ? `${first} and ${second}`
          : `${first} mixture`;
  const taken = made
    .slice(0, made.indexOf(mixture))
    .some(
      (other) =>
        other.section === section &&
        other !== mixture &&
        other.uses.length > 0 &&
        nameOfContents(other) === nameOfContents(mixture),
    );
  const name = text.charAt(0).toUpperCase() + text.slice(1);
  return (taken ? `${name} ${made.indexOf(mixture) + 1}` : name).slice(0, 200);
}
const nameOfContents = ({ uses }: Mixture) => uses.map(({ of }) => of.ingredient).join();

const partsOf = ({ parts }: Laid) =>
  parts.flatMap(({ mixture, share }) => [
    ...[mixture, ...mixture.joined]
      .filter(({ uses, root }) => uses.length > 0 && root === null)
      .map((own) => ({ preparation: rootOf(own).id, share })),
    ...mixture.drawn.flatMap(({ from, share: drawn }) =>
      [rootOf(from), ...rootOf(from).joined]
        .filter(({ uses }) => uses.length > 0)
        .map((own) => ({ preparation: own.id, share: share * drawn })),
    ),
  ]);

/** Returns what is laid in the tin and becomes a layer, from the bottom. */
export const laidOf = ({ tin }: Kitchen): Laid[] => tin.filter((laid) => partsOf(laid).length > 0);

/** Id of a layer by its position from the bottom. */
export const layerIdAt = (at: number): string => `l${at + 1}`;

/** Returns the layers of a kitchen at the end of its method. Of no mixture is more laid than there is. */
export function layersOf(kitchen: Kitchen, preparations: readonly Preparation[]): Layer[] {
  const nameFor = (id: string) => preparations.find((own) => own.id === id)?.name ?? id;
  const laid = laidOf(kitchen).map((own) => ({ ...own, from: partsOf(own) }));
  const whole = new Map<string, number>();
  for (const { from } of laid)
    for (const { preparation, share } of from) whole.set(preparation, (whole.get(preparation) ?? 0) + share);
  return laid.map(({ from, spread, set, pourC, thicknessMm }, at): Layer => ({
    ...{ id: layerIdAt(at), name: nameFor(from[0]!.preparation), spread },
    from: from.map(({ preparation, share }) => ({ preparation, share: share / Math.max(1, whole.get(preparation)!) })),
    ...(set ? { set } : {}),
    ...(pourC === null ? {} : { pourC }),
    ...(thicknessMm === null ? {} : { thicknessMm }),
  }));
}
