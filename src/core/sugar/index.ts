/** What a boil leaves. */
export * from './sugarShare';
export * from './boil';
export * from './stages';
