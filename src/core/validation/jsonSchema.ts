import { isSchema, type ISchema, type Schema } from 'yup';
import { alternativesOf, type TableMeta } from './fields';

/** A JSON Schema (2020-12) as plain data. */
export type JsonSchema = Readonly<Record<string, unknown>>;

interface Described {
  readonly type: string;
  readonly oneOf?: readonly unknown[];
  readonly meta?: { readonly table?: TableMeta };
  readonly tests: readonly { readonly name?: string; readonly params?: Readonly<Record<string, unknown>> }[];
}
type Node = Schema & { readonly innerType?: Schema; readonly fields?: Readonly<Record<string, Schema>> };

/** Limits of a value, under their JSON Schema names. */
const KEYWORDS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  string: { min: 'minLength', max: 'maxLength' },
  number: { min: 'minimum', max: 'maximum' },
  array: { min: 'minItems', max: 'maxItems' },
};

function ofObject(fields: Readonly<Record<string, Schema>>): JsonSchema {
  const required = Object.keys(fields).filter((name) => !isOptional(fields[name]!));
  const properties = Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, jsonSchemaOf(field)]));
  return { type: 'object', properties, ...(required.length > 0 ? { required } : {}) };
}

function isOptional(schema: Schema): boolean {
  const kinds = alternativesOf(schema)?.kinds;
  return kinds ? Object.values(kinds).every(({ spec }) => spec.optional) : schema.spec.optional;
}

/**
 * Converts a schema to JSON Schema for other programs. Rules between fields cannot be expressed.
 *
 * @see https://json-schema.org/draft/2020-12
 */
export function jsonSchemaOf(schema: ISchema<unknown>): JsonSchema {
  const alternatives = alternativesOf(schema);
  if (alternatives) return { oneOf: Object.values(alternatives.kinds).map((kind) => jsonSchemaOf(kind)) };
  if (!isSchema(schema)) throw new TypeError('schema');
  const node = schema as unknown as Node;
  const { type, oneOf = [], meta, tests } = node.describe() as Described;
  if (meta?.table) {
    return {
      type: 'object',
      maxProperties: meta.table.most,
      additionalProperties: jsonSchemaOf(meta.table.value),
    };
  }
  if (type === 'object') return ofObject(node.fields ?? {});
  if (type === 'mixed') return {};
  const said: Record<string, unknown> = { type };
  if (oneOf.length === 1) return { const: oneOf[0] };
  if (oneOf.length > 1) return { enum: oneOf };
  for (const { name = '', params } of tests) {
    const keyword = KEYWORDS[type]?.[name];
    if (keyword) said[keyword] = params?.[name];
    if (name === 'integer') said.type = 'integer';
    if (name === 'not-blank') Object.assign(said, { minLength: 1, pattern: '\\S' });
    if (name === 'matches') said.pattern = (params?.regex as RegExp).source;
  }
  if (type === 'array' && node.innerType) said.items = jsonSchemaOf(node.innerType);
  return said;
}
