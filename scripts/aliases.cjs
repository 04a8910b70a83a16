/** Path aliases of the project and the folders they stand for: one list for SvelteKit, the bundles of the scripts and the import rules. */
const { join } = require('node:path');

const root = join(__dirname, '..');
module.exports = { $core: join(root, 'src', 'core'), $wording: join(root, 'src', 'wording', 'en') };
