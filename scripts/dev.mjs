/** `npm run dev`: Vite's own server for work on the screens, with the worker threads of the server beside it. */
import { compileDatabase, install, run, tool } from './setup.mjs';

install();
await compileDatabase();
const { buildTasks } = await import('./tasks.mjs');
await buildTasks();
run(tool('vite'), ['dev']);
