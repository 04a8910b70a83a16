/** Valid settings of a shop, and the problems of invalid ones. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { shopSchema } from '$core/shop';
import { problemsOf } from '$core/validation';

const paths = (shop: object) => problemsOf(shopSchema, shop).map(({ path }) => path);
const code = (shop: object) => problemsOf(shopSchema, shop)[0]?.code;
const hours = (from: unknown, to: unknown, day: unknown = 1) => ({ hours: [{ day, from, to }] });

test('an empty shop is valid, and so is each setting over its whole range', () => {
  assert.deepEqual(paths({}), []);
  for (const shop of [
    { altitudeM: -500 },
    { altitudeM: 6000 },
    { roomC: -5 },
    { roomC: 50 },
    { humidityPercent: 0 },
    { humidityPercent: 100 },
    { hands: 1, ovens: 0, rings: 0 },
    { hands: 10, ovens: 10, rings: 20 },
    { scaleStepG: 0.01 },
    { placeH: { room: 0.5, fridge: 500, freezer: 8, marble: 12 } },
    { power: { oven: 0, ring: 50, mixer: 0.3, fridge: 0.1, freezer: 0.2 } },
    { shownIn: { temperature: 'fahrenheit', length: 'inches', mass: 'ounces', volume: 'cups' } },
    { probes: [{ name: 'red', kind: 'infrared', boilC: 99.5, iceC: -0.5, checkedOn: '2026-11-01', checkedAtM: 30 }] },
    { pieceKinds: [{ name: 'finger', lengthMm: 90, widthMm: 30, price: 2.8, currency: 'EUR' }] },
    { channels: [{ name: 'cafe', discountPercent: 30, feePercent: 2, feeEach: 0.1, taxPercent: 13.5, pieces: 4 }] },
    { labels: { profile: 'eu', paper: 'A4', columns: 3, rows: 8, widthMm: 60, heightMm: 34, leftMm: 0, topMm: 5 } },
    { name: 'Shop', currency: 'EUR', measures: 'us' },
  ])
    assert.deepEqual(paths(shop), [], JSON.stringify(shop));
});

test('just outside its range each setting is refused, at its place', () => {
  for (const [shop, path] of [
    [{ altitudeM: -501 }, '/altitudeM'],
    [{ altitudeM: 6001 }, '/altitudeM'],
    [{ roomC: -6 }, '/roomC'],
    [{ roomC: 51 }, '/roomC'],
    [{ humidityPercent: 101 }, '/humidityPercent'],
    [{ hands: 0 }, '/hands'],
    [{ hands: 1.5 }, '/hands'],
    [{ ovens: 11 }, '/ovens'],
    [{ rings: 21 }, '/rings'],
    [{ scaleStepG: 0 }, '/scaleStepG'],
    [{ placeH: { fridge: 0.4 } }, '/placeH/fridge'],
    [{ power: { ring: 51 } }, '/power/ring'],
    [{ shownIn: { temperature: 'K' } }, '/shownIn/temperature'],
    [{ probes: [{ name: 'red', boilC: 59 }] }, '/probes/0/boilC'],
    [{ probes: [{ name: 'red', iceC: -21 }] }, '/probes/0/iceC'],
    [{ probes: [{ name: 'red', iceC: 21 }] }, '/probes/0/iceC'],
    [{ probes: [{ name: 'red', kind: 'glass' }] }, '/probes/0/kind'],
    [{ probes: [{ name: 'red', checkedOn: '2026-02-30' }] }, '/probes/0/checkedOn'],
    [{ probes: [{ boilC: 100 }] }, '/probes/0/name'],
    [{ pieceKinds: [{ name: 'crumb', lengthMm: 4, widthMm: 30 }] }, '/pieceKinds/0/lengthMm'],
    [{ pieceKinds: [{ name: 'crumb', lengthMm: 40 }] }, '/pieceKinds/0/widthMm'],
    [{ channels: [{ name: 'cafe', discountPercent: 100 }] }, '/channels/0/discountPercent'],
    [{ channels: [{ feePercent: 1 }] }, '/channels/0/name'],
    [{ channels: [{ name: 'cafe', pieces: 0 }] }, '/channels/0/pieces'],
    [{ labels: { columns: 11 } }, '/labels/columns'],
    [{ labels: { widthMm: 9 } }, '/labels/widthMm'],
    [{ labels: { topMm: -1 } }, '/labels/topMm'],
    [{ measures: 'old' }, '/measures'],
  ] as const)
    assert.deepEqual(paths(shop), [path], JSON.stringify(shop));
});

test('working hours are two different times of the clock, on a day of the week', () => {
  for (const [from, to] of [
    ['00:00', '23:59'],
    ['09:05', '17:30'],
    ['22:00', '06:00'],
    ['19:59', '20:00'],
  ])
    assert.deepEqual(paths(hours(from, to)), [], `${from} ${to}`);
  for (const wrong of [
    '24:00',
    '7:30',
    '07:60',
    '07:3',
    '107:30',
    '07:300',
    '29:00',
    'ab:cd',
    '0a:30',
    '07:a0',
    '07:0a',
  ])
    assert.deepEqual(paths(hours(wrong, '12:00')), ['/hours/0/from'], wrong);
  assert.equal(code(hours('7:30', '12:00')), 'not-a-time-of-day');
  assert.deepEqual(paths(hours('07:30', '07:30')), ['/hours/0/to']);
  assert.equal(code(hours('07:30', '07:30')), 'ends-when-it-begins');
  assert.deepEqual(paths(hours('07:30', '09:00', 7)), ['/hours/0/day']);
  assert.deepEqual(paths({ hours: [{ day: 1, from: '07:30' }] }), ['/hours/0/to']);
});

test('time zone and locale are those that the machine knows', () => {
  for (const zone of ['Europe/Dublin', 'UTC', 'Asia/Kathmandu']) assert.deepEqual(paths({ zone }), [], zone);
  for (const zone of ['Europe/Atlantis', '', 7]) {
    assert.deepEqual(paths({ zone }), ['/zone'], String(zone));
    assert.equal(code({ zone }), 'not-a-time-zone');
  }
  for (const locale of ['en-GB', 'fr', 'de-AT']) assert.deepEqual(paths({ locale }), [], locale);
  for (const locale of ['xx-YY', 'not a tag', 7]) {
    assert.deepEqual(paths({ locale }), ['/locale'], String(locale));
    assert.equal(code({ locale }), 'not-a-locale');
  }
});
