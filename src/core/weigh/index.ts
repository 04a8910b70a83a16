/** What a bench scale shows from moment to moment, read as what was laid on it. */
export * from './weighing';
