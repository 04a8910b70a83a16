/**
 * A certificate for the shop's own network: the shop's own certificate authority, which a tablet trusts once, and the server
 * certificate it signs.
 */
import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { generate } from 'selfsigned';

const DAY_MS = 86_400_000;
const AUTHORITY_DAYS = 3650;
/** Tablets reject certificates with a longer validity. */
const SERVER_DAYS = 390;
const RENEW_DAYS = 30;

/** The addresses of this machine in its networks. */
export const ownAddresses = () =>
  Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);

const inDays = (days) => new Date(Date.now() + days * DAY_MS);
const named = (value) => [{ name: 'commonName', value }];

function stored(folder, name) {
  const [key, cert] = ['key', 'crt'].map((kind) => join(folder, `${name}.${kind}`));
  return existsSync(key) && existsSync(cert)
    ? { key: readFileSync(key, 'utf8'), cert: readFileSync(cert, 'utf8') }
    : null;
}

function store(folder, name, { private: key, cert }) {
  writeFileSync(join(folder, `${name}.key`), key, { mode: 0o600 });
  writeFileSync(join(folder, `${name}.crt`), cert);
  return { key, cert };
}

const lasts = (cert) => Date.parse(new X509Certificate(cert).validTo) > inDays(RENEW_DAYS).getTime();
const speaksFor = (cert, names) => {
  const found = new X509Certificate(cert);
  return names.every((name) => (isIP(name) ? found.checkIP(name) : found.checkHost(name)) !== undefined);
};

async function newAuthority(folder) {
  return store(
    folder,
    'authority',
    await generate(named('Knife Tray, this workroom'), {
      ...{ keyType: 'ec', algorithm: 'sha256', notAfterDate: inDays(AUTHORITY_DAYS) },
      extensions: [
        { name: 'basicConstraints', cA: true, critical: true },
        { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
      ],
    }),
  );
}

async function newServer(folder, authority, names) {
  return store(
    folder,
    'server',
    await generate(named(names[0]), {
      ...{ keyType: 'ec', algorithm: 'sha256', notAfterDate: inDays(SERVER_DAYS), ca: authority },
      extensions: [
        { name: 'basicConstraints', cA: false, critical: true },
        { name: 'keyUsage', digitalSignature: true, critical: true },
        { name: 'extKeyUsage', serverAuth: true },
        {
          name: 'subjectAltName',
          altNames: names.map((name) => (isIP(name) ? { type: 7, ip: name } : { type: 2, value: name })),
        },
      ],
    }),
  );
}

/**
 * Returns the certificate of this server, created or renewed when due, and the authority that signed it.
 *
 * @param {string} folder where keys are kept, readable by nobody else
 * @param {readonly string[]} names hosts and addresses that it is to speak for, at least one
 */
export async function certificateIn(folder, names) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const kept = stored(folder, 'authority');
  const authority = kept && lasts(kept.cert) ? kept : await newAuthority(folder);
  const server = kept === authority ? stored(folder, 'server') : null;
  const { key, cert } =
    server && lasts(server.cert) && speaksFor(server.cert, names) ? server : await newServer(folder, authority, names);
  return { key, cert: `${cert}\n${authority.cert}`, authority: authority.cert };
}
