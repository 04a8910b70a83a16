/** `npm start`: the application on the shop's own data, in the folder KNIFE_TRAY_DATA or ./data. */
import { prepare } from './setup.mjs';

await prepare();
const { start } = await import('./serve.mjs');
await start();
