/** `npm run dev`: Vite's own server for work on the screens, with the threads of the heavy services beside it. */
import { run, tool } from './setup.mjs';
import { buildTasks } from './tasks.mjs';

await buildTasks();
run(tool('vite'), ['dev']);
