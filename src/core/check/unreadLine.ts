import type { Rule } from './types';

/** Lines that were taken in and could not be read: they weigh and cost nothing yet. */
export const unreadLine: Rule = ({ slab }) =>
  slab.preparations.flatMap(({ name, unread = [] }, p) =>
    unread.map((text, at) => ({
      code: 'unread-line',
      where: `/preparations/${p}/unread/${at}`,
      message: `"${text.slice(0, 80)}" in ${name} counts as 0: it could not be read. Write it as a line, or drop it`,
    })),
  );
