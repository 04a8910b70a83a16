/** What is shipped for operating a server fits the application: the unit file, the container and the proxy. */
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { test } from 'node:test';
import { DATA_FILE } from '../../src/lib/server/db/copies';

const read = (path: string) => readFileSync(path, 'utf8');
const limits = JSON.parse(read('src/lib/limits/bodyLimits.json')) as { zip: number };

test('the unit starts a script that exists, keeps the data in its own folder, and systemd accepts it', () => {
  const unit = read('deploy/knife-tray.service');
  const [, script = ''] = /^ExecStart=\/usr\/bin\/env node (\S+)$/m.exec(unit) ?? [];
  assert.ok(existsSync(script), script);
  assert.match(unit, /^StateDirectory=(\S+)\n[^]*^Environment=KNIFE_TRAY_DATA=\/var\/lib\/\1$/m);
  // The server needs no other setting that is unknown to it.
  for (const [, name = ''] of unit.matchAll(/^Environment=([A-Z_]+)=/gm))
    assert.match(read('scripts/serve.mjs'), new RegExp(`process\\.env\\.${name}\\b`));
  const verified = spawnSync('systemd-analyze', ['verify', 'deploy/knife-tray.service'], { encoding: 'utf8' });
  // On a machine without systemd the checks above remain.
  if (verified.error === undefined)
    assert.equal(`${verified.stdout}${verified.stderr}`.replace(/^.*nodedir.*$/gm, '').trim(), '');
});

test('the proxy passes on the name, does not buffer, and lets the largest request through', () => {
  const proxy = read('deploy/nginx.conf');
  assert.match(proxy, /proxy_set_header Host \$host;/);
  assert.match(proxy, /proxy_buffering off;/);
  const [, megabytes] = /client_max_body_size (\d+)m;/.exec(proxy)!;
  assert.ok(Number(megabytes) * 1_048_576 >= limits.zip);
});

test('the continuous copy is of the database that the unit keeps', () => {
  const [, folder = ''] = /^StateDirectory=(\S+)$/m.exec(read('deploy/knife-tray.service')) ?? [];
  assert.match(
    read('deploy/litestream.yml'),
    new RegExp(`^ {2}- path: /var/lib/private/${folder}/${DATA_FILE.replace('.', '\\.')}$`, 'm'),
  );
});

test('the container runs a Node that the application supports, and a script that exists', () => {
  const container = read('deploy/Containerfile');
  const [, node] = /^FROM node:(\d+)-/m.exec(container)!;
  assert.match(
    (JSON.parse(read('package.json')) as { engines: { node: string } }).engines.node,
    new RegExp(`>=${node}\\.`),
  );
  const [, script = ''] = /^CMD \["node", "(\S+)"\]$/m.exec(container) ?? [];
  assert.ok(existsSync(script), script);
});
