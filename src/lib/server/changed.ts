/** Result of a change: done with the new revision, gone, or changed by somebody else meanwhile. */
export type Changed = { readonly revision: number } | 'gone' | 'changed';
