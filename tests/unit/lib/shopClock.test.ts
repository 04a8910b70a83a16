/** The shop's time on a device: clocks that are wrong, set, or asleep. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { ShopClock } from '../../../src/lib/run/shopClock';

function device(wall: number) {
  const at = { wall, ticks: 50 };
  const clock = new ShopClock({ wall: () => at.wall, ticks: () => at.ticks });
  const pass = (ms: number) => {
    at.wall += ms;
    at.ticks += ms;
    return clock.now();
  };
  return { at, clock, pass };
}
const HOUR = 3_600_000;

test('without a server it is the device’s own time', () => {
  const { pass } = device(1000);
  assert.equal(pass(500), 1500);
});

test('a clock that is an hour off shows the server’s time', () => {
  const { clock, pass } = device(HOUR);
  clock.sync(0);
  assert.equal(pass(1000), 1000);
});

test('set back in the middle of a boil, the time runs on', () => {
  const { at, clock, pass } = device(10 * HOUR);
  assert.equal(pass(1000), 10 * HOUR + 1000);
  at.wall -= HOUR;
  assert.equal(clock.now(), 10 * HOUR + 1000);
  assert.equal(pass(60_000), 10 * HOUR + 61_000);
});

test('asleep for an hour, the hour has passed; set forward by an hour, it counts until the server says otherwise', () => {
  const { at, clock, pass } = device(10 * HOUR);
  at.wall += HOUR;
  assert.equal(clock.now(), 11 * HOUR);
  clock.sync(10 * HOUR);
  assert.equal(pass(5000), 10 * HOUR + 5000);
});

test('a pause between two ticks of the device is not a jump', () => {
  const { at, clock } = device(0);
  at.wall += 40_000;
  at.ticks += 41_000;
  assert.equal(clock.now(), 40_000);
});

test('a late answer of the server does not set the clock back; a quicker one sets it forward', () => {
  const { clock, pass } = device(0);
  clock.sync(4000);
  assert.equal(pass(1000), 5000);
  clock.sync(4200);
  assert.equal(pass(0), 5000);
  clock.sync(5100);
  assert.equal(pass(0), 5100);
});
