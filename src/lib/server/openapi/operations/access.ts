import { passphraseSchema, tokenSchema } from '../../requests/kept';
import { ACCESSES } from '../../tokens';
import {
  any,
  created,
  done,
  int,
  json,
  list,
  moment,
  nullable,
  obj,
  oneOf,
  sent,
  str,
  type Subject,
} from '../operation';

export const access: Subject = {
  name: 'Access',
  description:
    'A server with a passphrase answers people who signed in, and programs with a token: `Authorization: Bearer <token>`. Tokens are made and revoked by people, in Settings.',
  operations: [
    {
      method: 'post',
      path: '/api/enter',
      summary: 'Sign in with the passphrase',
      body: { schema: sent(passphraseSchema), example: { passphrase: 'sugar' } },
      answer: done,
    },
    {
      method: 'post',
      path: '/api/tokens',
      summary: 'Make a token',
      body: { schema: sent(tokenSchema), example: { name: 'Web shop', access: 'read' } },
      answer: created(obj({ id: int, token: str })),
    },
    {
      method: 'get',
      path: '/api/tokens',
      summary: 'List tokens without their secrets',
      answer: json(
        obj({
          tokens: list(obj({ id: int, name: str, access: oneOf(ACCESSES), madeAt: moment, usedAt: nullable(moment) })),
        }),
      ),
    },
    { method: 'delete', path: '/api/tokens/{id}', summary: 'Revoke a token', parameters: { id: 1 }, answer: done },
    {
      method: 'post',
      path: '/api/demo',
      summary: 'Load the demo shop',
      query: { today: { description: 'With work of today', schema: oneOf(['yes']) } },
      body: { schema: obj({}), example: {} },
      answer: { ...done, status: 201 },
    },
    {
      method: 'get',
      path: '/api/openapi.json',
      summary: 'Get this description',
      answer: { status: 200, schema: obj({ openapi: str, info: any, paths: any }) },
    },
  ],
};
