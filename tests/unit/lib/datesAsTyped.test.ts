/** Dates as people say them, on Monday 30 November 2026 at ten. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { datesIn } from '../../../src/lib/format/dates';
import { readDay } from '../../../src/lib/format/readDates';

const NOW = new Date(2026, 10, 30, 10, 0);
const read = (text: string, locale = 'en-GB') => {
  const found = readDay(text, datesIn(locale, undefined), NOW);
  return found.ok ? [found.value, found.time ?? ''].join(' ').trim() : null;
};

test('weekdays, days from now, months by name, with and without a time', () => {
  for (const [text, day] of [
    ['Friday', '2026-12-04'],
    ['on fri', '2026-12-04'],
    ['next Tuesday', '2026-12-08'],
    ['last Friday', '2026-11-27'],
    ['tomorrow 4pm', '2026-12-01 16:00'],
    ['Friday 9:30', '2026-12-04 09:30'],
    ['Friday at 9.30', '2026-12-04 09:30'],
    ['today at noon', '2026-11-30 12:00'],
    ['in 3 days', '2026-12-03'],
    ['in two weeks', '2026-12-14'],
    ['3 days ago', '2026-11-27'],
    ['day after tomorrow', '2026-12-02'],
    ['14th of December', '2026-12-14'],
    ['the 14th of December', '2026-12-14'],
    ['December 14th', '2026-12-14'],
    ['Dec 14, 2026', '2026-12-14'],
    ['14.12.', '2026-12-14'],
    ['Sat 5 Dec', '2026-12-05'],
    ['Saturday, 5 December 2026', '2026-12-05'],
  ] as const)
    assert.equal(read(text), day, text);
});

test('numeric dates follow the order of the locale', () => {
  assert.equal(read('4/12', 'en-GB'), '2026-12-04');
  assert.equal(read('12/4', 'en-US'), '2026-12-04');
  assert.equal(read('12/4 at 5pm', 'en-US'), '2026-12-04 17:00');
  assert.equal(read('4/12 at 5pm', 'en-GB'), '2026-12-04 17:00');
});

test('invalid or incomplete dates are asked about', () => {
  for (const text of [
    '',
    'soon',
    'butter',
    '31 February',
    '31/2/2026',
    'Friday butter',
    '4pm',
    'December',
    'Friday to Sunday',
    '99',
  ])
    assert.equal(read(text), null, text);
});
