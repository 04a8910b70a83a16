import { METRIC } from '$core/measure';
import { stepText } from '$wording/steps';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import ICAL from 'ical.js';
import { workOf, layOutDay } from '$core/usecases';
import { calendarOf } from '../../../src/lib/format/calendar';
import { demoLarder, ryeSlice, shop } from '../things';

test('the calendar file is valid to another parser, and has every step at its moment', () => {
  const start = new Date('2026-12-01T07:30:00Z');
  const day = layOutDay(
    workOf(ryeSlice, demoLarder, { ...shop, roomC: 19 }),
    { start, hands: 1, ovens: 1, rings: 4, hours: [], zone: 'Europe/Dublin' },
    start,
  );
  const text = calendarOf('Rye, treacle; and slice', day.steps, METRIC)!;
  for (const line of text.split('\r\n')) assert.ok(new TextEncoder().encode(line).length <= 75, line);
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  assert.equal(calendar.getFirstPropertyValue('version'), '2.0');
  const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
  assert.equal(events.length, day.steps.length);
  assert.equal(new Set(events.map(({ uid }) => uid)).size, events.length);
  events.forEach((event, i) => {
    assert.equal(event.summary, `Rye, treacle; and slice: ${stepText(day.steps[i]!.activity.title, METRIC)}`);
    assert.equal(event.startDate.toJSDate().getTime(), day.steps[i]!.start.getTime());
    assert.ok(event.endDate.toJSDate().getTime() > event.startDate.toJSDate().getTime());
  });
});
