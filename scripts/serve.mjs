/** The built application behind Node's HTTP server, or its HTTPS server with the shop's own certificate. */
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { existsSync, readFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { join } from 'node:path';
import { certificateIn, ownAddresses } from './certificate.mjs';
import { lock } from './lock.mjs';
import { root } from './marks.mjs';

/** The largest request bodies in bytes, as in the services. */
const LIMITS = JSON.parse(readFileSync(join(root, 'src', 'lib', 'limits', 'bodyLimits.json'), 'utf8'));
const BODY_LIMIT = LIMITS.body;
const ZIP_LIMIT = LIMITS.zip;
const LIMIT_OF = { '/api/slabs/zip': ZIP_LIMIT, '/api/enter': LIMITS.passphrase };
const SWALLOW_LIMIT = 32 * BODY_LIMIT;
const MIN_PASSPHRASE = 8;
/** Time for answers and streams to end when the server is stopped, ms. */
const GRACE_MS = 700;
/** Time for a client to finish the TLS handshake, to send its headers, and to send its whole request, ms. */
const HANDSHAKE_MS = 10_000;
const HEADERS_MS = 10_000;
const REQUEST_MS = 120_000;
/** A connection without traffic for this long is closed, ms: longer than the longest work that a client waits for. */
const IDLE_MS = 120_000;
const MAX_CONNECTIONS = 2000;
/** File mode mask: only the owner may read what this process writes. */
const OWNER_ONLY = 0o077;
const THIS_MACHINE = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/;

/** Returns the host names under which the application answers: this machine's own, and the listed ones where it is open to the network. */
function permittedHosts(host, isLocal) {
  const listed = (process.env.KNIFE_TRAY_HOSTS ?? '')
    .split(',')
    .map((host) => host.trim().toLowerCase())
    .filter(Boolean);
  // A numeric address cannot be pointed here by somebody else's domain.
  const own = isLocal ? [] : /^(0\.0\.0\.0|::)$/.test(host) ? ownAddresses() : [host.toLowerCase()];
  const names = isLocal ? [] : [...listed, ...own];
  return {
    names,
    permits: (asked = '') =>
      THIS_MACHINE.test(asked) ||
      names.includes(asked.toLowerCase()) ||
      names.includes(asked.toLowerCase().replace(/:\d+$/, '')),
  };
}

/** Returns why the application may not be opened to the network as configured, or null. */
function refusalToOpen(isLocal) {
  const { KNIFE_TRAY_PASSPHRASE: passphrase = '' } = process.env;
  if (passphrase !== '' && passphrase.length < MIN_PASSPHRASE)
    return `KNIFE_TRAY_PASSPHRASE is too short: choose one of ${MIN_PASSPHRASE} characters or more`;
  if (isLocal || passphrase !== '') return null;
  return 'HOST opens the application to the network, where anyone could change the data. Set KNIFE_TRAY_PASSPHRASE (each device asks for it once) and KNIFE_TRAY_HOSTS (the names in the address), or remove HOST';
}

/** Where a device downloads the certificate authority of this server in order to trust it. */
const AUTHORITY_PATH = '/authority.crt';

/** Returns the certificate that the server uses, or null for plain HTTP. */
async function certificateFor(names) {
  const asked = process.env.KNIFE_TRAY_TLS ?? '';
  if (asked === '') return null;
  if (asked !== 'auto') throw new Error('KNIFE_TRAY_TLS must be auto or unset');
  const data = process.env.KNIFE_TRAY_DATA ?? join(root, 'data');
  return certificateIn(join(data, 'tls'), ['localhost', '127.0.0.1', ...names]);
}

/** Tells whether an address can be decoded; the router cannot answer one that cannot. */
function isDecodable(url = '') {
  try {
    decodeURIComponent(url.split('?')[0]);
    return true;
  } catch {
    return false;
  }
}

function answerText(response, status, text) {
  if (response.headersSent) return response.destroy();
  response.writeHead(status, { 'Content-Type': 'text/plain; charset=utf-8' }).end(text);
}

/** Logs errors that no request caught. The process goes on serving: one error must not end everybody's work. */
function keepServing() {
  const report = (what) => (error) =>
    console.error(JSON.stringify({ level: 'error', what, error: String(error?.stack ?? error) }));
  process.on('uncaughtException', report('uncaught exception'));
  process.on('unhandledRejection', report('unhandled rejection'));
  // Writing to a closed terminal fails. That is not an error, and reporting it would be the next one.
  for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined);
}

/** Reads the digest of the sources that the build was made from; empty if the mark is missing. */
function buildDigest() {
  try {
    return JSON.parse(readFileSync(join(root, 'build', '.knife-tray-built.json'), 'utf8')).digest;
  } catch {
    return '';
  }
}

/** Loads the built application. */
async function loadHandler() {
  const file = join(root, 'build', 'handler.js');
  const parts = [file, join(root, 'build', 'tasks.mjs'), join(root, 'build', 'client')];
  const missing = parts.find((part) => !existsSync(part));
  if (missing) throw new Error(`The build is incomplete: ${missing} is missing. Run npm start, which builds it`);
  return (await import(pathToFileURL(file).href)).handler;
}

/**
 * Starts the server and resolves to its address when it listens.
 * SIGTERM and SIGINT let running answers finish, close the database and end the process, all within a second.
 */
export async function serve({ host = process.env.HOST ?? '127.0.0.1', port = process.env.PORT ?? '4180' } = {}) {
  const isLocal = THIS_MACHINE.test(host.includes(':') ? `[${host}]` : host);
  const refusal = refusalToOpen(isLocal);
  if (refusal) throw new Error(refusal);
  const { names, permits } = permittedHosts(host, isLocal);
  const certificate = await certificateFor(names);
  const scheme = certificate ? 'https' : 'http';
  // The scheme of the pages is set here, and not by the client.
  process.env.PROTOCOL_HEADER = 'x-forwarded-proto';
  // The services enforce smaller limits of their own.
  process.env.BODY_SIZE_LIMIT = String(ZIP_LIMIT);
  process.env.KNIFE_TRAY_TASKS ??= join(root, 'build', 'tasks.mjs');
  // Results stored by another build are not used.
  process.env.KNIFE_TRAY_BUILD ??= buildDigest();
  process.umask(OWNER_ONLY);
  lock(process.env.KNIFE_TRAY_DATA ?? './data');
  const handler = await loadHandler();
  const handle = (request, response) => {
    if (!isDecodable(request.url)) return answerText(response, 400, 'This address is not valid. Check its % signs');
    response.setHeader('X-Content-Type-Options', 'nosniff');
    // Another domain name pointed at this machine is refused: its pages must not read ours.
    if (!permits(request.headers.host)) {
      const others = names.length > 0 ? `, or ${names.join(', ')}` : '';
      return answerText(
        response,
        421,
        `Open this at localhost or 127.0.0.1${others}. KNIFE_TRAY_HOSTS lists more names`,
      );
    }
    const length = Number(request.headers['content-length'] ?? 0);
    const most = LIMIT_OF[request.url] ?? BODY_LIMIT;
    if (length > most) {
      const message =
        most < BODY_LIMIT ? `This is over ${most} bytes` : `This is over ${most / BODY_LIMIT} MB. Send it in parts`;
      const refuse = () => {
        response.writeHead(413, { 'Content-Type': 'application/json', Connection: 'close' });
        response.end(JSON.stringify({ problems: [{ path: '', code: 'too-large', message }] }));
      };
      // A client reads the answer only after it has sent everything; the rest of its body is discarded.
      if (length > SWALLOW_LIMIT) refuse();
      else request.resume().once('end', refuse);
      return;
    }
    if (certificate && request.url === AUTHORITY_PATH && request.method === 'GET') {
      response.writeHead(200, { 'Content-Type': 'application/x-x509-ca-cert' }).end(certificate.authority);
      return;
    }
    request.headers['x-forwarded-proto'] = scheme;
    return handler(request, response, () => answerText(response, 404, 'Page not found'));
  };
  // An error while one request is answered affects only that answer.
  const answer = async (request, response) => {
    try {
      await handle(request, response);
    } catch (error) {
      console.error(JSON.stringify({ level: 'error', path: request.url, error: String(error?.stack ?? error) }));
      answerText(response, 500, 'Something went wrong. Everything you saved is safe. Go back and try again');
    }
  };
  const timeouts = {
    headersTimeout: HEADERS_MS,
    requestTimeout: REQUEST_MS,
    // After the usual five seconds a client might send its next request just as the connection is closed.
    keepAliveTimeout: IDLE_MS,
    connectionsCheckingInterval: 2000,
  };
  const server = certificate
    ? createSecureServer({ ...certificate, ...timeouts, handshakeTimeout: HANDSHAKE_MS }, answer)
    : createServer(timeouts, answer);
  server.maxConnections = MAX_CONNECTIONS;
  server.setTimeout(IDLE_MS);
  server.on('clientError', (_error, socket) => socket.destroy());
  const stop = () => {
    server.close(() => {
      process.emit('sveltekit:shutdown', 'SIGTERM');
      process.exit(0);
    });
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), GRACE_MS).unref();
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
  keepServing();
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(Number(port), host, () => {
      const { port: bound } = server.address();
      process.env.KNIFE_TRAY_ADDRESSES = names.map((name) => `${scheme}://${name}:${bound}`).join(' ');
      resolve(`${scheme}://${host.includes(':') ? `[${host}]` : host}:${bound}`);
    });
  });
}

/** Starts the server and prints its address, or why it cannot start and what to do. */
export async function start() {
  try {
    const address = await serve();
    console.log(`Knife Tray is open at ${address}`);
    const [elsewhere] = (process.env.KNIFE_TRAY_ADDRESSES ?? '').split(' ').filter(Boolean);
    if (elsewhere) {
      const { toString } = await import('qrcode');
      console.log(
        `On a tablet or a phone: ${elsewhere}\n${await toString(elsewhere, { type: 'terminal', small: true })}`,
      );
    }
    return address;
  } catch (error) {
    const taken = error?.code === 'EADDRINUSE';
    console.error(
      taken ? `Port ${error.port} is in use. Set another one, for example PORT=4190` : (error?.message ?? error),
    );
    return process.exit(1);
  }
}
