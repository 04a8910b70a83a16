/** `npm start`: the application on the shop's own data, in the folder KNIFE_TRAY_DATA or ./data. */
import { build, install } from './setup.mjs';
import { start } from './serve.mjs';

install();
build();
await start();
