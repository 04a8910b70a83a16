/** Query of a long list: search text, and the number of entries to skip. */
export function pageOf(url: URL, most: number): { sought: string; from: number } {
  const page = Number.parseInt(url.searchParams.get('page') ?? '1', 10);
  return {
    sought: (url.searchParams.get('find') ?? '').slice(0, 200),
    from: most * (Number.isInteger(page) && page > 0 && page < 1e6 ? page - 1 : 0),
  };
}

/** Returns the address of a page of a long list. */
export function pageAddress(path: string, sought: string, page: number): string {
  const asked = new URLSearchParams();
  if (sought.trim() !== '') asked.set('find', sought.trim());
  if (page > 1) asked.set('page', String(page));
  const query = asked.toString();
  return query === '' ? path : `${path}${path.includes('?') ? '&' : '?'}${query}`;
}
