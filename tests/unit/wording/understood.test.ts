/** What steps of a method were understood as: whole sentences for every kind, and what they say of real recipes. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { slabFromMethod } from '$core/method';
import { METRIC } from '$core/measure';
import { understoodText } from '$wording/understood';
import { FURTHER } from '../../bench/wild/further';
import { KNOWN } from '../../bench/wild/known';
import { readOf } from '../../bench/wild/score';

const told = (text: string) => {
  const read = readOf(text);
  const slab = slabFromMethod(read);
  return read.method.steps.map((_, at) => understoodText(read.method.steps, at, slab, METRIC));
};

test('every step of the recipes has a sentence without gaps, and no full stop at its end', () => {
  for (const { name, text } of [...KNOWN, ...FURTHER])
    for (const { where, text: said } of told(text)) {
      // What a slab is called may begin with a figure: "5-Ingredient Granola Bites, as it is".
      assert.match(said, /^(?:\d{1,2}-)?\p{Lu}\p{L}+/u, `${name}: ${said}`);
      assert.doesNotMatch(said, /undefined|NaN|null| {2}|\.$/, `${name}: ${said}`);
      assert.match(where, /^(?:\p{Lu}\p{Ll}+)?$/u);
    }
});

test('what a recipe says, told step by step', () => {
  const said = told(`Orchard crunch

150 g hazelnuts
250 g butter
250 g demerara sugar
200 g dark chocolate

Lay half of the hazelnuts in a 30 x 20 cm tray. Melt the butter and sugar, then boil to 148 C. Pour over the nuts.
After 5 minutes cover with the chocolate. Scatter over the rest of the hazelnuts. Chill for 45 to 60 minutes. Break up.`);
  assert.deepEqual(
    said.map(({ where, text }) => `${where}: ${text}`),
    [
      'Tin: Lay half of the hazelnuts',
      'Hob: Melt butter and demerara sugar',
      'Hob: Boil Toffee to 148 °C. Risk of burns: keep children away',
      'Tin: Lay Toffee',
      'Tin: Lay dark chocolate',
      'Tin: Scatter half of the hazelnuts',
      'Fridge: Let Hazelnuts 4 cool or set for 45 min to 1 h',
      'Board: Cut the slab',
    ],
  );
});
