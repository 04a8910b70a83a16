/** The simulated bench scale: a pan that swings, settles, drifts and is zeroed, and its stream as the page reads it. */
import assert from 'node:assert/strict';
import type { AddressInfo } from 'node:net';
import { test } from 'node:test';
import { panOf } from '../../../devices/pan.mjs';
import { randomFrom } from '../../../devices/random.mjs';
import { serveScale } from '../../../devices/scale.mjs';
import { scaleEvent } from '../../../src/lib/devices/benchScale';
import { weightsIn, weightsText } from '../../../src/routes/slabs/[id=whole]/cut/weights';

const still = { noiseG: 0, driftGPerMin: 0, offsetG: 0 };

test('a load swings and comes to rest at its mass; removed, it rests at zero', () => {
  const pan = panOf(still, randomFrom(1));
  pan.lay(50);
  const shows: number[] = [];
  for (let i = 0; i < 40; i++) {
    pan.run(0.1);
    shows.push(pan.shows()!);
  }
  assert.ok(Math.max(...shows) > 52 && shows[0]! < 40);
  assert.equal(shows.at(-1), 50);
  pan.lay(-50);
  pan.run(4);
  assert.equal(Math.abs(pan.shows()!), 0);
});

test('zero, offset, drift, units and overload', () => {
  const off = panOf({ ...still, offsetG: 3.2 }, randomFrom(1));
  assert.equal(off.shows(), 3.2);
  off.zero();
  assert.equal(Math.abs(off.shows()!), 0);
  const drifts = Array.from({ length: 200 }, (_, seed) => {
    const pan = panOf({ ...still, driftGPerMin: 2, stepG: 0.01 }, randomFrom(seed + 1));
    pan.run(60);
    return pan.shows()!;
  });
  const mean = drifts.reduce((sum, massG) => sum + massG, 0) / drifts.length;
  assert.ok(Math.abs(mean - 1) < 0.1, String(mean));
  const pounds = panOf({ ...still, unit: 'lb' }, randomFrom(1));
  pounds.lay(453.59237);
  pounds.run(5);
  assert.deepEqual([pounds.shows(), pounds.step], [1, 0.0001]);
  const over = panOf({ ...still, mostG: 100 }, randomFrom(1));
  over.lay(150);
  over.run(5);
  assert.equal(over.shows(), null);
});

test('its stream: figures with their unit and step, and an unknown unit is refused', async () => {
  const server = await serveScale({ port: 0 });
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const wrong = await fetch(`${address}/readings?unit=stone`);
  assert.deepEqual([wrong.status, await wrong.text()], [422, 'unit is one of g, kg, oz, lb']);
  const stream = await fetch(`${address}/readings?speed=50&aimG=40&unit=kg`);
  const reader = stream.body!.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  while (text.split('\n\n').length < 30) text += (await reader.read()).value ?? '';
  await reader.cancel();
  const events = text
    .split('\n\n')
    .slice(0, 29)
    .map((event) => scaleEvent(event.replace('data: ', '')));
  assert.ok(events.every((event) => event !== null && event !== 'overloaded' && event.stepG!.toFixed(3) === '0.100'));
  server.closeAllConnections();
  server.close();
});

test('invalid readings: text, an unknown unit, no figure; an overload is reported as such', () => {
  for (const data of [
    '',
    'text',
    '{}',
    '{"seconds":1,"shows":2}',
    '{"seconds":1,"shows":2,"unit":"toString"}',
    '{"seconds":1,"shows":"2","unit":"g"}',
  ])
    assert.equal(scaleEvent(data), null, data);
  assert.equal(scaleEvent('{"seconds":1,"error":"over"}'), 'overloaded');
  assert.deepEqual(scaleEvent('{"seconds":1,"shows":0.5,"unit":"kg"}'), { seconds: 1, massG: 500 });
});

test('weights typed one after the other, with or without units, decimal commas, and invalid ones', () => {
  assert.deepEqual(
    weightsIn('24.6 31,2 1 oz; 0.5kg, 12 g').massesG.map((massG) => Number(massG.toFixed(2))),
    [24.6, 31.2, 28.35, 500, 12],
  );
  assert.deepEqual(weightsIn('24 heavy -3 0 1e9').wrong, ['heavy', '-3', '0', '1e9']);
  assert.deepEqual(weightsIn(weightsText([24.612, 31, 0.04])), { massesG: [24.6, 31], wrong: ['0'] });
});
