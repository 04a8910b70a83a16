/** The description of the services: every route is in it, and every example fits its own schema. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { openApiDocument } from '../../../src/lib/server/openapi/document';
import { CALCULATES } from '../../../src/lib/server/tokenAccess';

interface Described {
  readonly operationId: string;
  readonly requestBody?: {
    readonly content: Readonly<Record<string, { readonly schema: object; readonly example?: unknown }>>;
  };
  readonly parameters: readonly { readonly name: string; readonly schema: object; readonly example?: unknown }[];
}
const description = openApiDocument() as {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Described>>>>;
};
const operations = Object.entries(description.paths).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, operation]) => ({ path, method, operation })),
);

/** Routes of the services with their methods, as the folders and files have them: '/api/slabs/{}', 'get'. */
function routes(): string[] {
  const folder = fileURLToPath(new URL('../../../src/routes', import.meta.url));
  return readdirSync(join(folder, 'api'), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('+server.ts'))
    .flatMap((file) => {
      const path = `/api/${file.replaceAll('\\', '/').replace('/+server.ts', '')}`.replace(/\[[^\]]+\]/g, '{}');
      const text = readFileSync(join(folder, 'api', file), 'utf8');
      return [...text.matchAll(/export (?:async )?(?:function|const) (GET|POST|PUT|DELETE)\b/g)].map(
        ([, method]) => `${method!.toLowerCase()} ${path}`,
      );
    })
    .sort();
}

test('every service is described, and nothing else is', () => {
  const told = operations.map(({ path, method }) => `${method} ${path.replace(/\{\w+\}/g, '{}')}`).sort();
  assert.deepEqual(told, routes());
  assert.ok(told.length > 90);
  const names = operations.map(({ operation }) => operation.operationId);
  assert.equal(new Set(names).size, names.length);
  assert.ok(names.every((name) => /^[a-z][A-Za-z0-9]+$/.test(name)));
});

test('every example fits the schema of its request, and parameters have an example or may be left out', () => {
  const ajv = new Ajv2020({ strict: false, validateFormats: false });
  ajv.addSchema({ $id: 'description', ...description });
  const withRefs = (schema: object): object =>
    JSON.parse(JSON.stringify(schema).replaceAll('"#/components', '"description#/components')) as object;
  let checked = 0;
  for (const { path, method, operation } of operations) {
    for (const [type, { schema, example }] of Object.entries(operation.requestBody?.content ?? {})) {
      if (example === undefined) {
        assert.match(type, /zip|jpeg/, `${method} ${path}`);
        continue;
      }
      assert.ok(ajv.validate(withRefs(schema), example), `${method} ${path}: ${ajv.errorsText()}`);
      checked += 1;
    }
    for (const { name, schema, example } of operation.parameters)
      if (example !== undefined)
        assert.ok(ajv.validate(withRefs(schema), example), `${method} ${path} ${name}: ${ajv.errorsText()}`);
  }
  assert.ok(checked > 40);
});

test('services that a read-only token may send with POST exist', () => {
  for (const route of CALCULATES) assert.ok(description.paths[route]?.post, route);
});
