/** Path aliases for dependency-cruiser, as svelte.config.js has them. */
const { join } = require('node:path');

const at = (folder) => join(__dirname, 'src', folder);
module.exports = { resolve: { alias: { $lib: at('lib'), $core: at('core'), $wording: at('wording/en') } } };
