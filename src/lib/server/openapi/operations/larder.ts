import { ingredientSchema } from '$core/larder';
import { shopSchema } from '$core/shop';
import { rackTinSchema } from '$core/tin';
import { namesSchema, settingsChangeSchema } from '../../requests/kept';
import {
  also,
  any,
  created,
  day,
  done,
  events,
  file,
  int,
  json,
  list,
  num,
  obj,
  sent,
  str,
  type Subject,
} from '../operation';

/** An ingredient of the demo shop that no slab of it uses. */
const WALNUTS = 38;
const revision = { revision: { description: 'Revision as read', schema: int, isRequired: true, example: 2 } };
const tin = {
  name: 'Loaf tin',
  count: 2,
  tin: { shape: 'rectangle', lengthMm: 220, widthMm: 110, depthMm: 65, cornerMm: 12, flareDeg: 4 },
};

const ingredient = also(sent(ingredientSchema), obj({ id: int, revision: int }));
const storedTin = also(sent(rackTinSchema), obj({ id: int, revision: int }));
const changes = {
  added: list(any),
  changed: list(obj({ name: str, fields: list(any) })),
  same: int,
  bad: list(any),
  badCount: int,
};

export const larder: Subject = {
  name: 'Larder, tins and shop',
  description: 'Ingredients with their packs and prices, the tins on the rack, and the settings.',
  operations: [
    {
      ...{ method: 'get', path: '/api/larder', summary: 'List ingredients, a hundred on a page' },
      query: {
        find: { description: 'Words in the name', schema: str, example: 'butter' },
        page: { description: 'Page, from 1', schema: int, example: 1 },
      },
      answer: json(obj({ ingredients: list(ingredient), count: int })),
    },
    {
      ...{ method: 'post', path: '/api/larder', summary: 'Add an ingredient' },
      body: {
        schema: sent(ingredientSchema),
        example: { name: 'poppy seeds', allergens: [], packs: [{ name: 'bag', massG: 500, price: 4.2 }] },
      },
      answer: created(obj({ ok: { const: true }, id: int })),
    },
    {
      method: 'get',
      path: '/api/larder/{id}',
      summary: 'Get an ingredient with its revision',
      parameters: { id: 1 },
      answer: json(ingredient),
    },
    {
      ...{ method: 'put', path: '/api/larder/{id}', summary: 'Change an ingredient', parameters: { id: WALNUTS } },
      description: '409 if someone else changed it since.',
      body: {
        schema: obj({ revision: int, ingredient: sent(ingredientSchema) }),
        example: {
          revision: 1,
          ingredient: { name: 'walnuts', allergens: ['tree nuts'], packs: [{ name: 'sack', massG: 5000, price: 58 }] },
        },
      },
      answer: json(obj({ ok: { const: true }, id: int })),
    },
    {
      method: 'get',
      path: '/api/larder/{id}/prices',
      summary: 'Get the price history of an ingredient',
      parameters: { id: 1 },
      answer: json(obj({ prices: list(obj({ pack: str, massG: num, pricedOn: day, currency: str, price: num })) })),
    },
    {
      method: 'delete',
      path: '/api/larder/{id}',
      summary: 'Delete an ingredient',
      parameters: { id: WALNUTS },
      query: revision,
      answer: done,
    },
    {
      ...{ method: 'post', path: '/api/larder/named', summary: 'Find the ingredients that names mean' },
      body: { schema: sent(namesSchema), example: { names: ['unsalted butter', 'moon dust'] } },
      answer: json(obj({ ingredients: list(ingredient), starter: list(obj({ name: str })) })),
    },
    {
      ...{ method: 'get', path: '/api/larder/names', summary: 'List names that contain a text' },
      query: { find: { description: 'Text', schema: str, example: 'sugar' } },
      answer: json(obj({ names: list(str) })),
    },
    {
      method: 'get',
      path: '/api/larder/table/{table}',
      summary: 'Export the larder or its prices as CSV',
      parameters: { table: 'prices' },
      answer: file('text/csv'),
    },
    {
      ...{
        method: 'post',
        path: '/api/larder/table/{table}',
        summary: 'Preview the changes of a table',
        parameters: { table: 'prices' },
      },
      body: {
        type: 'text/csv',
        schema: str,
        example: 'ingredient,pack,pack_g,price,priced_on\nbutter,block,250,2.35,2026-11-20\n',
      },
      answer: json(obj({ ...changes, stamp: str })),
    },
    {
      ...{
        method: 'put',
        path: '/api/larder/table/{table}',
        summary: 'Import a table',
        parameters: { table: 'prices' },
      },
      query: { stamp: { description: 'Stamp of the preview: 409 if the larder changed since', schema: str } },
      body: {
        type: 'text/csv',
        schema: str,
        example: 'ingredient,pack,pack_g,price,priced_on\nbutter,block,250,2.35,2026-11-20\n',
      },
      answer: json(obj(changes)),
    },
    {
      method: 'get',
      path: '/api/prices',
      summary: 'Get the price list as CSV',
      query: { page: { description: 'Page of twenty slabs, from 1', schema: int } },
      answer: file('text/csv'),
    },
    { method: 'get', path: '/api/tins', summary: 'List the tins', answer: json(obj({ tins: list(storedTin) })) },
    {
      method: 'post',
      path: '/api/tins',
      summary: 'Add a tin',
      body: { schema: sent(rackTinSchema), example: tin },
      answer: created(obj({ id: int })),
    },
    {
      method: 'get',
      path: '/api/tins/{id}',
      summary: 'Get a tin with its revision',
      parameters: { id: 1 },
      answer: json(storedTin),
    },
    {
      ...{ method: 'put', path: '/api/tins/{id}', summary: 'Change a tin', parameters: { id: 1 } },
      body: {
        schema: also(obj({ revision: int }), sent(rackTinSchema)),
        example: { revision: 1, ...tin, name: 'Deep loaf tin' },
      },
      answer: done,
    },
    {
      method: 'delete',
      path: '/api/tins/{id}',
      summary: 'Delete a tin',
      parameters: { id: 1 },
      query: revision,
      answer: done,
    },
    {
      method: 'get',
      path: '/api/shop',
      summary: 'Get the settings with their revision',
      answer: json(obj({ revision: int, settings: sent(shopSchema) })),
    },
    {
      ...{ method: 'put', path: '/api/shop', summary: 'Change settings' },
      description: 'Fields that are not sent stay. 409 with the latest settings if someone else changed them since.',
      body: { schema: sent(settingsChangeSchema), example: { revision: 2, settings: { roomC: 19 } } },
      answer: json(obj({ ok: { const: true }, revision: int })),
    },
    { method: 'get', path: '/api/scale', summary: 'Follow the bench scale', answer: events },
    { method: 'get', path: '/api/probe', summary: 'Follow the thermometer', answer: events },
  ],
};
