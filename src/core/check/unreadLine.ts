import { check } from './codes';
import type { Rule } from './types';

/** Lines that were taken in and could not be read: they weigh and cost nothing yet. */
export const unreadLine: Rule = ({ slab }) =>
  slab.preparations.flatMap(({ name, unread = [] }, p) =>
    unread.map((text, at) => check('unread-line', `/preparations/${p}/unread/${at}`, { preparation: name, text })),
  );
