/** `npm run format`: formats all files. */
import { install, run, tool } from './setup.mjs';

install();
run(tool('prettier'), ['--write', '.']);
