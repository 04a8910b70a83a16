import { runEventSchema } from '$core/run';
import { runRequestSchema } from '../../requests/runs';
import { RYE } from '../example';
import {
  created,
  done,
  events,
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
  type Subject,
} from '../operation';

const id = { id: 31 };
const photo = { ...id, photo: '7d0c1c6e-8c0a-4f7e-9a53-0f3c2b1a4d5e' };

export const runs: Subject = {
  name: 'Runs',
  description: 'What is made at the bench, event by event.',
  operations: [
    {
      ...{ method: 'get', path: '/api/runs', summary: 'List runs, the newest first, a hundred on a page' },
      query: {
        find: { description: 'Words in names, lots and notes', schema: str, example: 'rye' },
        page: { description: 'Page, from 1', schema: int, example: 1 },
      },
      answer: json(
        obj({
          runs: list(
            obj({
              id: int,
              slabId: int,
              name: str,
              version: int,
              lot: str,
              begunAt: moment,
              status: oneOf(['planned', 'in-progress', 'finished', 'stopped']),
            }),
          ),
          count: int,
        }),
      ),
    },
    {
      ...{ method: 'post', path: '/api/runs', summary: 'Start a run, or plan one with `begin`' },
      body: { schema: sent(runRequestSchema), example: { slab: RYE } },
      answer: created(obj({ id: int, lot: str })),
    },
    {
      method: 'get',
      path: '/api/runs/{id}',
      summary: 'Get a run with its plan, events and state',
      parameters: id,
      answer: json(
        obj({
          plan: obj({
            name: str,
            version: int,
            lot: str,
            begin: moment,
            pieces: int,
            steps: list(obj({ id: str, text: str })),
            lines: list(obj({ preparation: str, line: int, ingredient: str, massG: nullable(num) })),
          }),
          slab: ref('Slab'),
          events: list(sent(runEventSchema)),
          state: obj({ status: str, endsAt: nullable(num), lateMinutes: num, steps: list(obj({ status: str })) }),
        }),
      ),
    },
    {
      ...{ method: 'post', path: '/api/runs/{id}/events', summary: 'Add events', parameters: id },
      description:
        'Each counts once by its id. Events that cannot be added are named in `problems`, the others are added.',
      body: {
        schema: list(sent(runEventSchema)),
        example: [
          {
            id: '0b0e6a8e-5d1f-4a5b-8f0e-2d7d1f3c9a10',
            at: '2026-12-01T09:00:00Z',
            kind: 'note',
            text: 'Started with a cold tin',
          },
        ],
      },
      answer: json(
        obj({
          added: int,
          known: int,
          last: int,
          problems: list(obj({ path: str, code: str })),
          corrected: list(obj({ id: str, at: moment })),
          clockOffsetMs: num,
        }),
      ),
    },
    { method: 'get', path: '/api/runs/{id}/stream', summary: 'Follow a run', parameters: id, answer: events },
    {
      method: 'get',
      path: '/api/runs/stream',
      summary: 'Follow several runs',
      query: { runs: { description: 'Numbers, separated by commas', schema: str, isRequired: true, example: '31' } },
      answer: events,
    },
    {
      ...{ method: 'put', path: '/api/runs/{id}/photos/{photo}', summary: 'Add a photo', parameters: photo },
      body: { type: 'image/jpeg', schema: { type: 'string', contentEncoding: 'binary' } },
      answer: done,
    },
    {
      method: 'get',
      path: '/api/runs/{id}/photos/{photo}',
      summary: 'Get a photo',
      parameters: photo,
      answer: file('image/jpeg'),
    },
    {
      method: 'get',
      path: '/api/runs/{id}/log.csv',
      summary: 'Export a run, event by event',
      parameters: id,
      answer: file('text/csv'),
    },
    { method: 'get', path: '/api/log.csv', summary: 'Export all runs as CSV', answer: file('text/csv') },
    {
      method: 'get',
      path: '/api/log.json',
      summary: 'Export all runs with plans, events and snapshots',
      answer: json(
        obj({ format: str, version: int, runs: list(obj({ plan: obj({}), events: list(obj({ kind: str })) })) }),
      ),
    },
  ],
};
