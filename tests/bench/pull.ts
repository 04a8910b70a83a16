/** Dragging a layer edge and a cut line of 300 pieces on the largest demo slab: how smoothly the screen follows, traced in the browser. */
import { chromium, type Page } from '@playwright/test';
import { ARGS, chromiumPath } from '../../scripts/chromium.mjs';

const MOVES = 150;
/** A frame at 60 a second, plus the usual jitter, ms. */
const FRAME_MS = 1000 / 60;
const LATE_MS = FRAME_MS * 1.5;

/** Drags from a place up and down again, a step a frame, and returns how long each frame took, ms. */
async function framesWhile(page: Page, x: number, y: number, dx: number, dy: number): Promise<number[]> {
  await page.evaluate(() => {
    const frames: number[] = [];
    let before = performance.now();
    const note = (now: number) => {
      frames.push(now - before);
      before = now;
      requestAnimationFrame(note);
    };
    requestAnimationFrame(note);
    Object.assign(window, { frames });
  });
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let i = 1; i <= MOVES; i++) {
    const part = Math.sin((i / MOVES) * Math.PI * 2);
    await page.mouse.move(x + dx * part, y + dy * part);
  }
  await page.mouse.up();
  return page.evaluate(() => (window as unknown as { frames: number[] }).frames.slice(2));
}

function told(what: string, frames: readonly number[]): string {
  const sorted = [...frames].sort((a, b) => a - b);
  const median = sorted[Math.floor(sorted.length / 2)]!;
  const late = frames.filter((ms) => ms > LATE_MS).length / frames.length;
  return `${what}: ${(1000 / median).toFixed(0)} frames a second in the median, ${(late * 100).toFixed(0)} % of ${frames.length} frames late`;
}

/** @param path a slab, without a station */
export async function benchPull(address: string, path: string): Promise<string> {
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: ARGS });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}${path}/build`, { waitUntil: 'networkidle' });
  const edge = (await page
    .getByRole('slider', { name: /thickness$/ })
    .first()
    .boundingBox())!;
  const edges = await framesWhile(page, edge.x + edge.width / 2, edge.y + edge.height / 2, 0, 40);
  await page.goto(`${address}${path}/cut`, { waitUntil: 'networkidle' });
  await page.getByLabel('Columns').fill('20');
  await page.getByLabel('Rows').fill('15');
  await page.waitForTimeout(1500);
  const line = (await page
    .getByRole('slider', { name: /^Cut after column/ })
    .first()
    .boundingBox())!;
  const lines = await framesWhile(page, line.x + line.width / 2, line.y + line.height / 2, 30, 0);
  await browser.close();
  return `${told('dragging a layer edge', edges)}; ${told('dragging a cut line of 300 pieces', lines)} (wanted: 60 a second)`;
}
