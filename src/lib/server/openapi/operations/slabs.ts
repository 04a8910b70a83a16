import { LABEL_PROFILES } from '$core/shop';
import { fromPatternSchema, pastedSchema } from '../../requests/kept';
import { exampleSlab, RYE } from '../example';
import {
  any,
  bool,
  created,
  day,
  done,
  file,
  int,
  json,
  list,
  moment,
  nullable,
  num,
  obj,
  oneOf,
  ref,
  sent,
  str,
  table,
  type Subject,
} from '../operation';

const id = { id: RYE };

export const slabs: Subject = {
  name: 'Slabs',
  description: 'Slab files, their versions, and what is made from them.',
  operations: [
    {
      method: 'get',
      path: '/api/slabs',
      summary: 'List the slabs, the last saved first',
      answer: json(obj({ slabs: list(obj({ id: int, version: int, keptAt: moment, name: str })) })),
    },
    {
      ...{ method: 'post', path: '/api/slabs', summary: 'Import a slab file' },
      body: { schema: ref('Slab'), example: exampleSlab },
      answer: created(obj({ id: int })),
    },
    {
      method: 'get',
      path: '/api/slabs/{id}',
      summary: 'Get the last saved version of a slab',
      parameters: id,
      answer: json(obj({ id: int, version: int, keptAt: moment, slab: ref('Slab') })),
    },
    {
      ...{ method: 'put', path: '/api/slabs/{id}', summary: 'Save a version of a slab', parameters: id },
      description: '`seen` is the version that the change is based on. 409 with the saved one if it was changed since.',
      body: {
        schema: obj({ seen: int, slab: ref('Slab') }, { learnt: list(int) }),
        example: { seen: 1, slab: { ...exampleSlab, name: 'Rye and treacle slice' } },
      },
      answer: json(obj({ ok: { const: true }, version: int })),
    },
    {
      ...{ method: 'post', path: '/api/slabs/{id}/copy', summary: 'Copy a slab under another name', parameters: id },
      body: { schema: obj({ name: str }), example: { name: 'Rye slice with ginger' } },
      answer: created(obj({ id: int })),
    },
    {
      method: 'get',
      path: '/api/slabs/{id}/costs',
      summary: 'Get the cost history of a piece',
      parameters: id,
      answer: json(
        obj({
          version: int,
          currency: str,
          now: nullable(num),
          costs: list(obj({ day, perPiece: num, moved: list(str) })),
        }),
      ),
    },
    {
      method: 'get',
      path: '/api/slabs/{id}/log',
      summary: 'Get the figures of the runs of a slab, and what they suggest',
      parameters: { id: 7 },
      answer: json(
        obj({
          runs: list(
            obj({ id: int, lot: str, version: int, begunAt: num, status: str, figures: table(nullable(num)) }),
          ),
          basis: nullable(obj({ runs: int, busy: num, watch: num, rejectShare: num, costFactor: num })),
          trends: list(
            obj({ figure: str, values: list(obj({ run: int, at: num, value: num })), middle: obj({}), drift: obj({}) }),
          ),
          proposals: list(obj({ what: str, planned: nullable(num), found: obj({}), runs: list(int), change: any })),
          places: list(obj({ place: str, layer: str, h: num })),
        }),
      ),
    },
    {
      method: 'get',
      path: '/api/slabs/{id}/recipe',
      summary: 'Export a slab as a schema.org recipe',
      parameters: id,
      answer: {
        ...file('application/ld+json'),
        schema: obj({ '@context': str, '@type': { const: 'Recipe' }, name: str }),
      },
    },
    {
      ...{ method: 'get', path: '/api/slabs/{id}/label.pdf', summary: 'Print labels', parameters: id },
      query: {
        madeOn: {
          description: 'Day of production',
          schema: { type: 'string', format: 'date' },
          isRequired: true,
          example: '2026-11-26',
        },
        profile: { description: 'Rules of the label', schema: oneOf(LABEL_PROFILES) },
        lot: { description: 'Lot', schema: str },
        kind: { description: 'Piece type, by its id', schema: str },
        pieces: { description: 'Pieces in a pack', schema: int, example: 6 },
        count: { description: 'Number of labels', schema: int },
        from: { description: 'First unused position of the sheet', schema: int },
        also: { description: 'Slabs made on the same day, separated by commas', schema: str },
      },
      answer: file('application/pdf'),
    },
    {
      ...{
        method: 'get',
        path: '/api/slabs/{id}/template.{format}',
        summary: 'Get a cutting template',
        parameters: { ...id, format: 'pdf' },
      },
      query: { paper: { description: 'Paper of the PDF', schema: oneOf(['a4', 'letter']), example: 'a4' } },
      answer: file('application/pdf'),
    },
    {
      ...{ method: 'get', path: '/api/slabs/zip', summary: 'Export slabs with their runs' },
      query: {
        ids: {
          description: 'Numbers of slabs, separated by commas; all where it is missing',
          schema: str,
          example: '7,8',
        },
      },
      answer: file('application/zip'),
    },
    {
      ...{ method: 'post', path: '/api/slabs/zip', summary: 'Import slabs with their runs' },
      body: { type: 'application/zip', schema: { type: 'string', contentEncoding: 'binary' } },
      answer: created(
        obj({
          ids: list(int),
          runs: int,
          refused: list(obj({ file: str, problems: list(obj({ path: str, code: str, message: str })) })),
        }),
      ),
    },
    {
      method: 'delete',
      path: '/api/slabs/{id}',
      summary: 'Delete a slab from the list',
      parameters: { id: 9 },
      answer: done,
    },
    {
      method: 'get',
      path: '/api/patterns',
      summary: 'List the templates for new slabs',
      answer: json(obj({ patterns: list(obj({ id: str, name: str, what: str })) })),
    },
    {
      ...{
        method: 'post',
        path: '/api/patterns/{name}',
        summary: 'Create a slab from a template',
        parameters: { name: '6-bark' },
      },
      body: { schema: sent(fromPatternSchema), example: { name: 'Winter bark' } },
      answer: created(obj({ id: int })),
    },
    {
      ...{ method: 'post', path: '/api/read', summary: 'Read a pasted recipe' },
      description:
        'With `slab` it also answers the slab that is made of it, what is assumed, and questions with likely answers.',
      body: {
        schema: sent(pastedSchema),
        example: {
          text: 'Rye squares\n\n200 g rye flour\n2 sticks butter, cubed\n\nRub together, press into a 20 cm square tin and bake for 25 minutes at 170 C. Cut into 16.',
          measures: 'us',
          slab: true,
        },
      },
      answer: json(
        obj(
          {
            tin: nullable(obj({ shape: str })),
            cut: nullable(obj({})),
            keep: nullable(obj({})),
            lines: list(
              obj({
                ...{ text: str, status: str, quantity: nullable(num), unit: nullable(str), ingredient: nullable(str) },
                ...{ larder: nullable(str), massG: nullable(num), alternatives: list(str), optional: bool, why: str },
              }),
            ),
            steps: list(
              obj({
                ...{ text: str, kind: str, status: str, minutes: nullable(any), celsius: nullable(num) },
                ...{ ovenC: nullable(num), place: nullable(str), why: str },
              }),
            ),
          },
          {
            slab: ref('Slab'),
            assumed: list(obj({ path: str, code: str, why: str })),
            questions: list(obj({ text: str, at: str, why: str, choices: list(str) })),
          },
        ),
      ),
    },
  ],
};
