/** Runs the built application only: no install, no build. For services, tests and measurements. */
import { start } from './serve.mjs';

await start();
