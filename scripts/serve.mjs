/** The built application behind Node's own HTTP server. */
import { createServer } from 'node:http';
import { pathToFileURL } from 'node:url';
import { join } from 'node:path';
import { root } from './setup.mjs';

const BODY_LIMIT = 1_048_576;
const SWALLOW_LIMIT = 32 * BODY_LIMIT;
const THIS_MACHINE = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/;

/**
 * Starts the server and resolves to its address when it listens.
 * SIGTERM and SIGINT let running answers finish, close the database and end the process.
 */
export async function serve({ host = process.env.HOST ?? '127.0.0.1', port = process.env.PORT ?? '4180' } = {}) {
  // The pages are served by plain HTTP here; the handler must not take them for HTTPS.
  process.env.PROTOCOL_HEADER = 'x-forwarded-proto';
  process.env.BODY_SIZE_LIMIT = String(BODY_LIMIT);
  const { handler } = await import(pathToFileURL(join(root, 'build', 'handler.js')).href);
  const isLocal = THIS_MACHINE.test(host.includes(':') ? `[${host}]` : host);
  const server = createServer((request, response) => {
    // A name that someone else has pointed at this machine is not this machine's: their pages must not read ours.
    if (isLocal && !THIS_MACHINE.test(request.headers.host ?? '')) {
      response.writeHead(421, { 'Content-Type': 'text/plain' }).end('Open this by localhost or 127.0.0.1');
      return;
    }
    const length = Number(request.headers['content-length'] ?? 0);
    if (length > BODY_LIMIT) {
      const refuse = () => {
        response.writeHead(413, { 'Content-Type': 'application/json', Connection: 'close' });
        response.end(JSON.stringify({ problems: [{ path: '', message: 'This is over 1 MB: send a smaller file' }] }));
      };
      // A sender hears the answer only once it has sent everything; what is sent is thrown away.
      if (length > SWALLOW_LIMIT) refuse();
      else request.resume().once('end', refuse);
      return;
    }
    request.headers['x-forwarded-proto'] = 'http';
    handler(request, response, () => response.writeHead(404).end());
  });
  const stop = () => {
    server.close(() => {
      process.emit('sveltekit:shutdown', 'SIGTERM');
      process.exit(0);
    });
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), 5000).unref();
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(Number(port), host, () => {
      const { port: bound } = server.address();
      resolve(`http://${host.includes(':') ? `[${host}]` : host}:${bound}`);
    });
  });
}

/** Starts, and says where, or why not and what to do. */
export async function start() {
  try {
    const address = await serve();
    console.log(`Knife Tray is open at ${address}`);
    return address;
  } catch (error) {
    const taken = error?.code === 'EADDRINUSE';
    console.error(
      taken ? `Port ${error.port} is taken: set PORT to another, such as PORT=4190` : (error?.message ?? error),
    );
    return process.exit(1);
  }
}
