/** Cutting advice for a stack, and a cut in words. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { cutAdviceText, cutText, thingsForCut } from '$wording/cut';
import { METRIC } from '$core/measure';
import type { Slab } from '$core/slab';
import { cutAdvice, plan, scoreAdvice, settingFor, swirlsOf, workOf } from '$core/usecases';
import { close } from '../figures';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const named = (name: RegExp): Slab => demoSlabs.find((slab) => name.test(slab.name))!;

test('advice from the stack: what cracks, sticks and crumbles, and soft pieces that are too high', () => {
  const said = (slab: Slab) => cutAdvice(slab, demoLarder, shop).map((advice) => cutAdviceText(advice, METRIC));
  const rye = said(ryeSlice);
  assert.match(rye.join('\n'), /Base crumbles\. Press straight down/);
  assert.match(rye.join('\n'), /Caramel sticks\. Warm the blade/);
  assert.match(rye.join('\n'), /Chocolate top cracks when it is cut on top of Caramel/);
  assert.ok(!/fall over/.test(rye.join('\n')));
  const caramel: Slab = {
    ...ryeSlice,
    layers: [ryeSlice.layers[1]!],
    scale: { mode: 'total-height', mm: 38 },
    cut: { columns: 12, rows: 8 },
  };
  assert.match(said(caramel).join('\n'), /Soft pieces 38.0 mm high and 25.0 mm wide fall over/);
});

test('score and snap: from when to when by the cooling, and what breaks beside its line; none for a soft slab', () => {
  const snap: Slab = { ...named(/snap/), cut: { columns: 6, rows: 4, tool: 'score and snap' } };
  const setting = settingFor(snap, demoLarder, shop)!;
  const found = scoreAdvice(snap, demoLarder, shop, setting)!;
  assert.ok(found.fromMinutes! > 0 && found.toMinutes! > found.fromMinutes!);
  const top = setting.layers.find(({ name }) => name === found.layer)!;
  assert.equal(found.layer, 'Snap');
  assert.ok(top.curve.meanC[found.fromMinutes!]! <= 85 && top.curve.meanC[found.fromMinutes! - 1]! > 85);
  assert.ok(found.snapFromMinutes! >= found.toMinutes! && found.count === 24 && found.brokenG > 0);
  const { activities } = workOf(snap, demoLarder, shop);
  const score = activities.find(({ id }) => id === 'score')!;
  assert.deepEqual(
    [score.after[0]!.least, score.after[0]!.most],
    [found.fromMinutes! - top.pouredAt, found.toMinutes! - top.pouredAt],
  );
  const caramel: Slab = { ...ryeSlice, layers: ryeSlice.layers.slice(0, 2) };
  assert.equal(scoreAdvice(caramel, demoLarder, shop, settingFor(caramel, demoLarder, shop)!), null);
});

test('a swirl in a slab: its shares make one whole, and each piece has nearly as much of both', () => {
  const twoTone = named(/two-tone/i);
  const [swirl, ...others] = swirlsOf(twoTone, plan(twoTone, demoLarder, shop));
  assert.equal(others.length, 0);
  assert.ok(
    close(
      swirl!.parts.reduce((sum, { share }) => sum + share, 0),
      1,
    ),
  );
  assert.ok(swirl!.parts.every(({ share, spread }) => share > 0 && spread < 0.2));
});

test('a cut in words: a grid, triangles, named piece types, wedges, shards; and what is laid out for it', () => {
  const words = (slab: Slab) => cutText(slab.cut!, plan(slab, demoLarder, shop).cut, METRIC);
  assert.equal(words(ryeSlice), '6 x 4, 24 pieces');
  assert.equal(words({ ...ryeSlice, cut: { columns: 3, rows: 2, shape: 'triangle' } }), '12 triangles');
  assert.equal(words(named(/fingers/)), '12 Finger, 6 Square, 14 Bite');
  assert.equal(
    words({
      ...ryeSlice,
      tin: { shape: 'round', diameterMm: 200, depthMm: 40 },
      cut: { columns: 8, rows: 1, way: 'wedges' },
    }),
    '8 wedges',
  );
  assert.equal(words(named(/bark/)), 'broken by hand into about 28 shards of 20 g');
  assert.equal(
    words({ ...ryeSlice, cut: { columns: 2, rows: 2, trimMm: { left: 200, right: 200 } } }),
    'nothing to cut',
  );
  assert.deepEqual(thingsForCut({ columns: 1, rows: 1, tool: 'wire' }), ['wire cutter']);
  assert.ok(thingsForCut({ columns: 1, rows: 1, tool: 'wire', way: 'break' }).includes('clean gloves'));
});
