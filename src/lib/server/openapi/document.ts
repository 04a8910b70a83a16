import { slabJsonSchema } from '$core/slab/jsonSchema';
import type { JsonSchema } from '$core/validation';
import { SLAB_SCHEMA_TEXTS } from '$wording/schema';
import { access } from './operations/access';
import { calculations } from './operations/calculations';
import { larder } from './operations/larder';
import { orders } from './operations/orders';
import { runs } from './operations/runs';
import { slabs } from './operations/slabs';
import { stock } from './operations/stock';
import { week } from './operations/week';
import { int, list, obj, ref, str, type Operation } from './operation';

/** All subjects, in an order in which their examples can be sent to a fresh demo shop. */
const SUBJECTS = [slabs, calculations, larder, runs, orders, week, stock, access] as const;

const JSON_TYPE = 'application/json';
const PROBLEM_TYPE = 'application/problem+json';

/** Problem details (RFC 9457), with every problem at its place. */
const problemSchema: JsonSchema = obj(
  { type: str, title: str, status: int, detail: str, problems: list(obj({ path: str, code: str, message: str })) },
  {},
);

const pathNames = (path: string) => [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name!);
/** A name for each operation: "putOrdersId". */
const nameOf = ({ method, path }: Operation) =>
  method +
  path
    .replace(/^\/api/, '')
    .replace(/[/.{}-]+(\w)/g, (_, letter: string) => letter.toUpperCase())
    .replace(/\W/g, '');

function described(operation: Operation, tag: string, order: number): JsonSchema {
  const { path, summary, description, query = {}, parameters = {}, body, answer } = operation;
  return {
    ...{ operationId: nameOf(operation), tags: [tag], summary },
    ...(description ? { description } : {}),
    'x-example-order': order,
    parameters: [
      ...pathNames(path).map((name) => ({
        ...{ name, in: 'path', required: true, example: parameters[name] },
        schema: typeof parameters[name] === 'number' ? int : str,
      })),
      ...Object.entries(query).map(([name, { description: of, schema, isRequired = false, example }]) => ({
        ...{ name, in: 'query', description: of, required: isRequired, schema },
        ...(example === undefined ? {} : { example }),
      })),
    ],
    ...(body
      ? {
          requestBody: {
            required: true,
            content: {
              [body.type ?? JSON_TYPE]: {
                schema: body.schema,
                ...(body.example === undefined ? {} : { example: body.example }),
              },
            },
          },
        }
      : {}),
    responses: {
      [answer.status]: { description: 'Done', content: { [answer.type ?? JSON_TYPE]: { schema: answer.schema } } },
      default: { description: 'Refused', content: { [PROBLEM_TYPE]: { schema: ref('Problem') } } },
    },
  };
}

/** Returns the description of all services, OpenAPI 3.1. Bodies that are sent are described by the schemas that read them. */
export function openApiDocument(): JsonSchema {
  const { $schema: _schema, $id: _id, ...slab } = slabJsonSchema(SLAB_SCHEMA_TEXTS);
  const paths: Record<string, Record<string, JsonSchema>> = {};
  const all = SUBJECTS.flatMap(({ name, operations }) => operations.map((operation) => ({ name, operation })));
  for (const [order, { name, operation }] of all.entries()) {
    const { path, method } = operation;
    paths[path] = { ...paths[path], [method]: described(operation, name, order) };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Knife Tray',
      version: '1',
      description:
        'Services of a Knife Tray server. Lists have an `ETag`; what can be changed by several has a `revision`. Every refusal is problem details (RFC 9457). The examples work with a fresh demo shop, in the order of `x-example-order`.',
    },
    servers: [{ url: '/' }],
    tags: SUBJECTS.map(({ name, description }) => ({ name, description })),
    paths,
    components: {
      schemas: { Slab: slab, Problem: problemSchema },
      securitySchemes: { token: { type: 'http', scheme: 'bearer' } },
    },
    security: [{}, { token: [] }],
  };
}
