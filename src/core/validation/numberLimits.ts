import type { ISchema, Schema } from 'yup';
import { alternativesOf, type TableMeta } from './fields';
import type { NumberLimits } from './types';

interface Described {
  readonly meta?: { readonly table?: TableMeta };
  readonly tests: readonly { readonly name?: string; readonly params?: Readonly<Record<string, unknown>> }[];
}
type Node = Schema & { readonly innerType?: Schema; readonly fields?: Readonly<Record<string, Schema>> };

/** Items of a list, skipped on the way to a field. */
const inList = (node: Node): Node => (node.innerType ? inList(node.innerType as Node) : node);

function within(node: Node, name: string): Node | undefined {
  const kinds = alternativesOf(node)?.kinds;
  if (kinds) return kinds[name] as unknown as Node | undefined;
  return (inList(node).fields?.[name] ?? (node.describe() as Described).meta?.table?.value) as Node | undefined;
}

/**
 * Returns the limits of a number field in a schema, so that a field on screen allows what the file does.
 *
 * @param path names of fields from the outside in; lists are passed over, of a choice the kind is named, of a table any name
 * @throws for a path that is no number with both ends
 * @example limitsAt(slabSchema, 'preparations.lines.quantity') // { min: 1e-6, max: 1e6, whole: false }
 * @example limitsAt(slabSchema, 'scale.pieces.lengthMm') // { min: 5, max: 1000, whole: false }
 */
export function limitsAt(schema: ISchema<unknown>, path: string): NumberLimits {
  const node = path
    .split('.')
    .reduce<Node | undefined>((at, name) => at && within(at, name), schema as unknown as Node);
  const { tests = [] } = (node?.describe() ?? {}) as Partial<Described>;
  const param = (name: string) => tests.find((test) => test.name === name)?.params?.[name];
  const [min, max] = [param('min'), param('max')];
  if (typeof min !== 'number' || typeof max !== 'number') throw new RangeError(`No limits: ${path}`);
  return { min, max, whole: tests.some(({ name }) => name === 'integer') };
}
