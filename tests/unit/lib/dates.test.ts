/** Days and times as locales write them, and as they are typed. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { datesIn } from '../../../src/lib/format/dates';
import { readDay, readTime } from '../../../src/lib/format/readDates';

const NOW = new Date(2026, 10, 26, 9, 0);
const day = (text: string, locale = 'en-GB') => {
  const read = readDay(text, datesIn(locale, undefined), NOW);
  return read.ok ? read.value : read.message;
};
const time = (text: string, locale = 'en-GB') => {
  const read = readTime(text, datesIn(locale, undefined));
  return read.ok ? read.value : read.message;
};

test('a date is written in the order of the locale', () => {
  const written = ['en-GB', 'en-US', 'de', 'sv'].map((locale) => datesIn(locale, undefined).day('2026-05-31'));
  assert.deepEqual(written, ['31/05/2026', '05/31/2026', '31.05.2026', '2026-05-31']);
  assert.equal(datesIn('en-GB', undefined).longDay('2026-05-31'), 'Sunday, 31 May 2026');
  assert.match(datesIn('en-US', undefined).time('14:30'), /02:30\sPM/);
  assert.equal(datesIn('en-GB', undefined).time('14:30'), '14:30');
});

test('a moment is shown by the shop’s clock, not by the device’s', () => {
  const noonInUtc = Date.UTC(2026, 4, 31, 12);
  assert.match(datesIn('en-GB', 'Asia/Tokyo').moment(noonInUtc), /Sun.*31 May.*21:00/);
  assert.match(datesIn('en-GB', 'Europe/Dublin').weekTime(noonInUtc), /Sun.*13:00/);
});

test('days as people type them', () => {
  for (const text of ['31/5/2026', '31.05.26', '31-5-26', '31 May 2026', 'May 31, 2026', '2026-05-31', '31 may 26'])
    assert.equal(day(text), '2026-05-31', text);
  assert.equal(day('5/31/26', 'en-US'), '2026-05-31');
  assert.equal(day('3/4/26', 'en-US'), '2026-03-04');
  assert.equal(day('3/4/26'), '2026-04-03');
  assert.equal(day('today'), '2026-11-26');
  assert.equal(day('Tomorrow'), '2026-11-27');
  // Without a year a date is the nearest one: in November, 5 January is the next and 20 October the last.
  assert.equal(day('5/1'), '2027-01-05');
  assert.equal(day('20 Oct'), '2026-10-20');
});

test('times as people type them', () => {
  for (const text of ['14:30', '14.30', '1430', '2:30 pm', '2.30pm', '2:30 p.m.', '14h30'])
    assert.equal(time(text), '14:30', text);
  assert.equal(time('7'), '07:00');
  assert.equal(time('7 am'), '07:00');
  assert.equal(time('12 am'), '00:00');
});

test('text that is no date or time is answered with what to type', () => {
  assert.equal(day('31/2/2026'), 'Enter a date such as 26/11/2026');
  assert.equal(day('soon', 'en-US'), 'Enter a date such as 11/26/2026');
  assert.equal(time('25:00'), 'Enter a time such as 14:30');
  assert.equal(time(''), 'Enter a time such as 14:30');
});

test('law: what a locale writes is read back as the same date and time', () => {
  const locales = fc.constantFrom('en-GB', 'en-US', 'en-CA', 'de', 'fr', 'sv', 'hu', 'nl', 'ja', 'ko', 'fi');
  const days = fc.date({ min: new Date(1950, 0, 2), max: new Date(2150, 0, 1), noInvalidDate: true });
  fc.assert(
    fc.property(locales, days, fc.nat(1439), (locale, at, minute) => {
      const iso = at.toISOString().slice(0, 10);
      assert.equal(day(datesIn(locale, undefined).day(iso), locale), iso);
      const clock = `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
      assert.equal(time(datesIn('en-US', undefined).time(clock), 'en-US'), clock);
    }),
  );
});

test('the short day has its date in every locale, wherever a comma stands', () => {
  const at = Date.parse('2026-05-31T12:00:00Z');
  for (const locale of ['en-GB', 'en-US', 'de-DE', 'fr-FR'])
    assert.match(datesIn(locale, 'UTC').shortDay(at), /31/, locale);
  assert.notEqual(datesIn('en-US', 'Asia/Tokyo').shortDay(at + 6 * 3_600_000), datesIn('en-US', 'UTC').shortDay(at));
});
