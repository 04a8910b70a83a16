import { check } from './codes';
import type { Rule } from './types';

/** Finds imported lines that were not recognised. They have no weight or cost yet. */
export const unreadLine: Rule = ({ slab }) =>
  slab.preparations.flatMap(({ name, unread = [] }, p) =>
    unread.map((text, at) => check('unread-line', `/preparations/${p}/unread/${at}`, { preparation: name, text })),
  );
