/** The built server as the bench starts it, with a data folder of its own. */
import { spawn, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';

export async function startBuilt(data: string): Promise<{ address: string; child: ChildProcess }> {
  const child = spawn(process.execPath, [join(process.cwd(), 'scripts/serveOnly.mjs')], {
    env: { ...process.env, KNIFE_TRAY_DATA: data, PORT: '0', LOG_LEVEL: 'warn' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise<string>((resolve) =>
    child.stdout.on('data', (chunk: Buffer) => {
      const found = /http:\/\/\S+/.exec(chunk.toString());
      if (found) resolve(found[0]);
    }),
  );
  return { address, child };
}
