import { jsonSchemaOf, type JsonSchema } from '$core/validation';
import type { ISchema } from 'yup';

/** A request that other programs may send, and its answer. */
export interface Operation {
  readonly method: 'get' | 'post' | 'put' | 'delete';
  /** With parameters in braces: '/api/orders/{id}'. */
  readonly path: string;
  readonly summary: string;
  /** More about it, where the summary is not enough. */
  readonly description?: string;
  readonly query?: Readonly<Record<string, QueryParameter>>;
  /** Values of the parameters of the path in the example: with the demo shop, after the operations before this one. */
  readonly parameters?: Readonly<Record<string, string | number>>;
  readonly body?: Body;
  readonly answer: Answer;
}

interface QueryParameter {
  readonly description: string;
  readonly schema: JsonSchema;
  readonly isRequired?: boolean;
  readonly example?: string | number;
}

interface Body {
  /** Content type; JSON where left out. */
  readonly type?: string;
  readonly schema: JsonSchema;
  /** A body that works with the demo shop; none where it is binary. */
  readonly example?: unknown;
}

interface Answer {
  readonly status: number;
  /** Content type; JSON where left out. */
  readonly type?: string;
  readonly schema: JsonSchema;
}

/** Operations on one subject. */
export interface Subject {
  readonly name: string;
  readonly description: string;
  readonly operations: readonly Operation[];
}

export const int: JsonSchema = { type: 'integer' };
export const num: JsonSchema = { type: 'number' };
export const str: JsonSchema = { type: 'string' };
export const bool: JsonSchema = { type: 'boolean' };
export const moment: JsonSchema = { type: 'string', format: 'date-time' };
export const day: JsonSchema = { type: 'string', format: 'date' };
export const any: JsonSchema = {};

/** An object with fields that are always there, and others that may be missing. More fields may come with later versions. */
export const obj = (
  fields: Readonly<Record<string, JsonSchema>>,
  optional: Readonly<Record<string, JsonSchema>> = {},
): JsonSchema => ({
  type: 'object',
  properties: { ...fields, ...optional },
  ...(Object.keys(fields).length > 0 ? { required: Object.keys(fields) } : {}),
});
export const list = (items: JsonSchema): JsonSchema => ({ type: 'array', items });
export const table = (values: JsonSchema): JsonSchema => ({ type: 'object', additionalProperties: values });
export const nullable = (schema: JsonSchema): JsonSchema => ({ anyOf: [schema, { type: 'null' }] });
export const oneOf = (values: readonly string[]): JsonSchema => ({ type: 'string', enum: values });
/** A schema that the description has once, by its name. */
export const ref = (name: string): JsonSchema => ({ $ref: `#/components/schemas/${name}` });
/** Schemas that all have to hold: what is sent, with what is stored beside it. */
export const also = (...schemas: readonly JsonSchema[]): JsonSchema => ({ allOf: schemas });
export const sent = (schema: ISchema<unknown>): JsonSchema => jsonSchemaOf(schema);

export const json = (schema: JsonSchema): Answer => ({ status: 200, schema });
export const created = (schema: JsonSchema): Answer => ({ status: 201, schema });
export const done: Answer = json(obj({ ok: { const: true } }));
export const file = (type: string): Answer => ({
  status: 200,
  type,
  schema: { type: 'string', ...(/^text|json/.test(type) ? {} : { contentEncoding: 'binary' }) },
});
/** Server-sent events. */
export const events: Answer = { status: 200, type: 'text/event-stream', schema: str };
