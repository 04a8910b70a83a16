/** What is wrong with something read, and where: a JSON pointer and a sentence that says what to do. */
export interface Problem {
  readonly path: string;
  readonly message: string;
}

export type Read<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };
