/** Every test has a server and data of its own, and a page whose requests are watched. */
import { test as base, expect, type BrowserContext, type Locator, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const startScript = fileURLToPath(new URL('../../scripts/serveOnly.mjs', import.meta.url));

export interface Server {
  readonly address: string;
  readonly data: string;
  readonly process: ChildProcess;
  /** Free ports for the simulated thermometer and scale. */
  readonly probePort: number;
  readonly scalePort: number;
}

/** Finds a port that nothing listens on. */
async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  server.close();
  await once(server, 'close');
  return port;
}

/** Starts the built server on a free port, with a data folder. */
export async function startServer(data: string, env: Readonly<Record<string, string>> = {}): Promise<Server> {
  const [probePort, scalePort] = [await freePort(), await freePort()];
  const devices = {
    KNIFE_TRAY_PROBE: `http://127.0.0.1:${probePort}`,
    KNIFE_TRAY_SCALE: `http://127.0.0.1:${scalePort}`,
  };
  const child = spawn(process.execPath, [startScript], {
    env: { ...process.env, KNIFE_TRAY_DATA: data, PORT: '0', LOG_LEVEL: 'warn', ...devices, ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise<string>((resolve, reject) => {
    let said = '';
    child.stdout.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      const found = /https?:\/\/\S+/.exec(said);
      if (found) resolve(found[0]);
    });
    child.once('exit', (code) => reject(new Error(`The server ended with ${code}`)));
  });
  started.add(address);
  return { address, data, process: child, probePort, scalePort };
}

/** Servers started by tests of this process: a request to any other is an error. */
const started = new Set<string>();

export async function stopServer(
  { process: child }: Server,
  signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM',
): Promise<number | null> {
  if (child.exitCode !== null || child.signalCode !== null) return child.exitCode;
  const ended = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)));
  child.kill(signal);
  return ended;
}

const emptyFolder = () => mkdtempSync(join(tmpdir(), 'knife-tray-'));

/** A server with its own folder, for one test; its pages are closed first, so that none of them misses it. */
async function during(context: BrowserContext, data: string, use: (server: Server) => Promise<void>): Promise<void> {
  const server = await startServer(data);
  await use(server);
  for (const page of context.pages()) await page.close();
  await stopServer(server);
  rmSync(data, { recursive: true, force: true });
}

interface WorkerFixtures {
  /** A folder with the demo, to be copied: loading it takes as long as a short test. */
  demoFolder: string;
}

interface Fixtures {
  /** An empty shop. */
  emptyShop: Server;
  /** The demo shop. */
  shop: Server;
  /** Opens a page of the demo shop. */
  open: (path: string) => Promise<Page>;
  /** Any request to another host, any error in the page. */
  watched: string[];
}

export const test = base.extend<Fixtures, WorkerFixtures>({
  demoFolder: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const data = emptyFolder();
      const server = await startServer(data);
      const answer = await fetch(`${server.address}/api/demo`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
      });
      expect(answer.status).toBe(201);
      // Stopped cleanly, so that no journal is left beside the file.
      await stopServer(server);
      await use(data);
      rmSync(data, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  emptyShop: async ({ context }, use) => during(context, emptyFolder(), use),
  shop: async ({ context, demoFolder }, use) => {
    const data = emptyFolder();
    cpSync(demoFolder, data, { recursive: true });
    await during(context, data, use);
  },
  watched: [
    async ({ context }, use) => {
      const wrong: string[] = [];
      context.on('request', (request) => {
        const url = new URL(request.url());
        if (!['data:', 'blob:'].includes(url.protocol) && !started.has(url.origin))
          wrong.push(`asked ${request.url()}`);
      });
      context.on('weberror', (error) => wrong.push(`fault ${error.error().message}`));
      context.on('console', (message) => {
        if (message.type() === 'error' && !/status of (409|413|422)/.test(message.text()))
          wrong.push(`said ${message.text()}`);
      });
      await use(wrong);
      expect(wrong).toEqual([]);
    },
    { auto: true },
  ],
  open: async ({ page, shop }, use) => {
    await use(async (path) => {
      await visit(page, shop.address + path);
      await page.waitForLoadState('networkidle');
      return page;
    });
  },
});

export { expect };

/** Opens a page and waits until it responds to input: what is clicked before that is ignored. */
export async function visit(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.waitForSelector('html[data-ready]');
}

/** Waits until nothing on a page moves any more and the results of the last change are shown. */
export async function settled(page: Page): Promise<void> {
  await page.waitForFunction(() =>
    document
      .getAnimations()
      .every(({ playState, effect }) => playState !== 'running' || effect?.getTiming().iterations === Infinity),
  );
  await page.evaluate(() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))));
}

/** Returns the number of the demo slab with a name. */
export async function slabId(page: Page, address: string, name: string): Promise<number> {
  await page.goto(`${address}/slabs`);
  const href = await page.getByRole('link', { name }).getAttribute('href');
  return Number(/\d+/.exec(href ?? '')?.[0]);
}

/** Chooses an entry of the menu behind the name of a slab. */
export async function more(page: Page, what: string): Promise<void> {
  await page.getByRole('button', { name: 'More actions' }).click();
  await page.getByRole('menuitem', { name: what }).click();
}

/** One line of a mixture that is open. */
export const line = (page: Page, preparation: string, at: number) =>
  page.getByLabel(`Line ${at} of ${preparation}`, { exact: true });

/** Opens a mixture, so that its lines can be typed. */
export async function unfold(page: Page, preparation: string): Promise<Locator> {
  const card = page.getByRole('article', { name: preparation, exact: true });
  const heading = card.locator('.bx--accordion__heading');
  if ((await heading.getAttribute('aria-expanded')) === 'false') await heading.click();
  return card;
}

/** Types lines into a mixture as people do, each with Enter. */
export async function say(page: Page, preparation: string, lines: readonly string[]): Promise<void> {
  const field = page.getByLabel(`New line in ${preparation}`);
  for (const text of lines) {
    await field.fill(text);
    await field.press('Enter');
  }
}

/** One figure of the tray. */
export const tray = (page: Page, label: string) =>
  page
    .getByRole('region', { name: 'Tray' })
    .locator('dl > div', { has: page.getByText(label, { exact: true }) })
    .locator('b');

/** Starts a run of a slab through the service, and returns its number. */
export async function makeRun(page: Page, address: string, name: string): Promise<number> {
  const slab = await slabId(page, address, name);
  const answer = await page.request.post(`${address}/api/runs`, { data: { slab } });
  return ((await answer.json()) as { id: number }).id;
}
