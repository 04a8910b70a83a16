/** A step of the demo's week that is moved by the arrow keys: how long until the page shows what that does. */
import { chromium } from '@playwright/test';
import { ARGS, chromiumPath } from '../../scripts/chromium.mjs';

const KEYS = ['ArrowRight', 'ArrowRight', 'ArrowLeft', 'ArrowDown', 'ArrowRight', 'ArrowRight', 'ArrowUp', 'ArrowLeft'];
/** Time for the demo to be planned, and for what the page prepares after that, ms. */
const PLANNED_MS = 60_000;
const READY_MS = 5000;
const PAUSE_MS = 1500;
/** A planned demo draws more bars than this; the runs of today alone draw fewer. */
const MIN_BARS = 50;

export async function benchMoveStep(address: string): Promise<string> {
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: ARGS });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    for (const until = Date.now() + PLANNED_MS; Date.now() < until; await page.waitForTimeout(1000)) {
      await page.goto(`${address}/week`, { waitUntil: 'networkidle' });
      // Some of the demo's bars are drawn before its batches are planned.
      if (
        (await page.getByText(/batches, .* of labour/).isVisible()) &&
        (await page.locator('.bar.person').count()) > MIN_BARS
      )
        break;
    }
    await page.waitForTimeout(READY_MS);
    // One of a later day: what is under way is not moved here.
    const bars = page.locator('.bar.person');
    await bars.nth(Math.floor((await bars.count()) * 0.6)).focus();
    const took: number[] = [];
    for (const key of KEYS) {
      await page.evaluate(() => {
        const shown = new Promise<number>((resolve, reject) => {
          setTimeout(() => reject(new Error('nothing was shown')), 20_000);
          addEventListener(
            'keydown',
            () => {
              const begun = performance.now();
              const look = () => {
                const said = document.querySelector('.moving')?.textContent ?? '';
                // A frame or two later the page says that it is calculating.
                const isShown = performance.now() > begun + 40 && said !== '' && !said.includes('calculating');
                if (isShown) resolve(performance.now() - begun);
                else requestAnimationFrame(look);
              };
              look();
            },
            { once: true, capture: true },
          );
        });
        Object.assign(window, { shown });
      });
      await page.keyboard.press(key);
      took.push(await page.evaluate(() => (window as unknown as { shown: Promise<number> }).shown));
      await page.waitForTimeout(PAUSE_MS);
    }
    const sorted = took.sort((a, b) => a - b);
    return `a step moved on the week of the demo, until what it does is shown: median ${sorted[Math.floor(sorted.length / 2)]!.toFixed(0)} ms, at most ${sorted.at(-1)!.toFixed(0)} ms of ${sorted.length} (wanted: under 300 ms)`;
  } finally {
    await browser.close();
  }
}
