/** Path aliases for dependency-cruiser, as svelte.config.js has them. */
const at = (folder) => `${__dirname}/src/${folder}`;
module.exports = { resolve: { alias: { $lib: at('lib'), $core: at('core'), $wording: at('wording/en') } } };
