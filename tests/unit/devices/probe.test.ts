import assert from 'node:assert/strict';
import type { AddressInfo } from 'node:net';
import { test } from 'node:test';
import fc from 'fast-check';
import { boilsAtC, potOf, type PotSettings } from '../../../devices/pot.mjs';
import { serveProbe } from '../../../devices/probe.mjs';
import { randomFrom } from '../../../devices/random.mjs';
import { readingOf } from '../../../src/lib/devices/probe';
import { close } from '../figures';

const still: Partial<PotSettings> = { noiseC: 0, dropouts: 0, jumps: 0, wander: 0 };
const pots = fc.record({
  sugarG: fc.double({ min: 100, max: 3000, noNaN: true }),
  waterG: fc.double({ min: 60, max: 1500, noNaN: true }),
  watts: fc.double({ min: 400, max: 3000, noNaN: true }),
});

test('law: a pot warms, then loses water and never sugar, and its boiling point only rises', () => {
  fc.assert(
    fc.property(pots, (settings) => {
      const pot = potOf({ ...settings, ...still }, randomFrom(1));
      let before = pot.state();
      for (let minute = 0; minute < 40; minute++) {
        pot.run(60);
        const now = pot.state();
        assert.ok(now.waterG <= before.waterG && now.celsius >= before.celsius - 1e-9);
        const boils = boilsAtC(settings.sugarG / (settings.sugarG + now.waterG));
        assert.ok(now.celsius <= boils + 0.05, `${now.celsius} over ${boils}`);
        if (now.celsius < boilsAtC(settings.sugarG / (settings.sugarG + settings.waterG)) - 0.05)
          assert.equal(now.waterG, settings.waterG);
        before = now;
      }
    }),
    { numRuns: 60 },
  );
});

test('law: what boils off in ten minutes is the remaining heat divided by the heat of steam', () => {
  fc.assert(
    fc.property(fc.double({ min: 600, max: 2500, noNaN: true }), (watts) => {
      // Nearly all water: its boiling point does not move, so all heat goes into steam.
      const pot = potOf({ ...still, sugarG: 10, waterG: 4000, watts, startC: 100 }, randomFrom(1));
      pot.run(30);
      const before = pot.state().waterG;
      pot.run(600);
      const heat = (watts - 1.2 * (100 - 21)) * 600;
      assert.ok(close(before - pot.state().waterG, heat / 2250, 0.02));
    }),
    { numRuns: 40 },
  );
});

test('off the heat it cools towards the room; at altitude it boils lower', () => {
  const pot = potOf({ ...still, altitudeDropC: 4 }, randomFrom(1));
  pot.run(600);
  assert.ok(close(pot.state().celsius, boilsAtC(600 / (600 + pot.state().waterG)) - 4, 1e-3));
  pot.heat(false);
  const water = pot.state().waterG;
  pot.run(6 * 3600);
  assert.equal(pot.state().waterG, water);
  assert.ok(Math.abs(pot.state().celsius - 21) < 2);
});

test('a probe is noisy, drops out and reads high as requested', () => {
  const pot = potOf(
    { wander: 0, noiseC: 0.5, dropouts: 0.2, jumps: 0, offsetC: 3, startC: 60, roomC: 60 },
    randomFrom(5),
  );
  pot.heat(false);
  const readings = Array.from({ length: 4000 }, () => pot.reading());
  const seen = readings.filter((celsius) => celsius !== null);
  assert.ok(Math.abs(1 - seen.length / readings.length - 0.2) < 0.03);
  const mean = seen.reduce((sum, value) => sum + value, 0) / seen.length;
  const spread = Math.sqrt(seen.reduce((sum, value) => sum + (value - mean) ** 2, 0) / seen.length);
  assert.ok(Math.abs(mean - 63) < 0.1 && Math.abs(spread - 0.5) < 0.05, `${mean} ${spread}`);
});

/** The first events of a stream, as the reader receives them. */
async function listen(query: string, many: number): Promise<[number, number][]> {
  const server = await serveProbe({ port: 0 });
  const { port } = server.address() as AddressInfo;
  const stop = new AbortController();
  try {
    const answer = await fetch(`http://127.0.0.1:${port}/readings?${query}`, { signal: stop.signal });
    assert.equal(answer.headers.get('content-type'), 'text/event-stream');
    const readings: [number, number][] = [];
    let text = '';
    const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return readings;
      text += value;
      const events = text.split('\n\n');
      text = events.pop()!;
      for (const event of events) readings.push([...readingOf(event.replace(/^data: /, ''))!] as [number, number]);
      if (readings.length >= many) return readings;
    }
  } finally {
    stop.abort();
    server.close();
  }
}

test('the stream: readings as events, at the requested number and speed', async () => {
  const fast = await listen('speed=60&dropouts=0&noiseC=0&seed=3', 5);
  fast.slice(1).forEach(([seconds, celsius], i) => {
    assert.ok(close(seconds - fast[i]![0], 15, 1e-6));
    assert.ok(celsius >= fast[i]![1] - 40);
  });
  const odd = await listen('speed=moon&sugarG=-5&waterG=1e99&watts=&seed=1&dropouts=0', 2);
  assert.ok(odd.every(([seconds, celsius]) => Number.isFinite(seconds) && Number.isFinite(celsius)));
});

test('another path or method is answered with what to request', async () => {
  const server = await serveProbe({ port: 0 });
  const { port } = server.address() as AddressInfo;
  for (const [path, method] of [
    ['/', 'GET'],
    ['/readings', 'POST'],
  ] as const) {
    const answer = await fetch(`http://127.0.0.1:${port}${path}`, { method });
    assert.equal(answer.status, 404);
    assert.match(await answer.text(), /Ask for \/readings/);
  }
  server.close();
});
