/** The built application and nothing else: no install, no build. For tests and measurements. */
import { start } from './serve.mjs';

await start();
