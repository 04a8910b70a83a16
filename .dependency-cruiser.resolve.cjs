/** Path aliases for dependency-cruiser: those of the project, and SvelteKit's own. */
module.exports = { resolve: { alias: { $lib: `${__dirname}/src/lib`, ...require('./scripts/aliases.cjs') } } };
