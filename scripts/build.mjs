/** `npm run build`: installs the packages and builds the application, without starting it. */
import { prepare } from './setup.mjs';

await prepare();
