/** Moved pages: a pattern of the old path, and the new path. */
const MOVED: readonly (readonly [RegExp, string])[] = [
  [/^\/slabs\/(\d+)\/clock$/, '/slabs/$1/schedule'],
  [/^\/slabs\/(\d+)\/gather$/, '/slabs/$1/weigh-out'],
  [/^\/slabs\/(\d+)\/log$/, '/slabs/$1/history'],
  [/^\/runs\/(\d+)\/log$/, '/runs/$1/result'],
  [/^\/gather$/, '/weigh-out'],
];

/**
 * Returns the new address of a moved page.
 *
 * @param url path and query of the request, as in a URL
 * @returns path and query, or null for a page that has not moved
 * @example movedPage({ pathname: '/slabs/3/clock', search: '?x=1' }) // '/slabs/3/schedule?x=1'
 */
export function movedPage({ pathname, search }: Pick<URL, 'pathname' | 'search'>): string | null {
  const moved = MOVED.find(([older]) => older.test(pathname));
  return moved ? pathname.replace(...moved) + search : null;
}
