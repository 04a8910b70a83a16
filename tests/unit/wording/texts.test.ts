/** Sentences for codes: every code has one, with its figures filled in. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Finding } from '$core/diagnose';
import { METRIC } from '$core/measure';
import type { StepNote } from '$core/method';
import type { LineNote } from '$core/recipe';
import { STUFFS, type SetReason } from '$core/setting';
import { PLACES, type StepTitle } from '$core/slab';
import { CAUTIONS } from '$core/time';
import type { CutAdvice, CutFit, DayReason, LabelProblem } from '$core/usecases';
import { reason, type Reason, type ReasonCode, type ReasonFigures } from '$core/validation';
import { findingText } from '$wording/causes';
import { cutAdviceText, cutFitText, mixedRefusalText } from '$wording/cut';
import { keepText, labelProblemText, openLineText } from '$wording/label';
import { reasonText } from '$wording/problems';
import { assumedOfRecipeText, lineNoteText, stepNoteText } from '$wording/reading';
import { dayReasonText, dayText } from '$wording/schedule';
import { setReasonText } from '$wording/setting';
import { cautionText, stepText } from '$wording/steps';
import { isSentence } from '../check/holds';
import { ryeSlice } from '../things';

/** Texts that get their full stop where they are shown. */
const isClause = (text: string) =>
  isSentence(`${text}.`.replace(/\?\.$/, '.').replace(/^[a-z]/, (first) => first.toUpperCase()));

const none = {};
const SAMPLES: { readonly [C in ReasonCode]: ReasonFigures[C] } = {
  missing: none,
  blank: none,
  null: none,
  unusable: none,
  'not-text': none,
  'too-long': { max: 200 },
  'not-a-number': none,
  'out-of-range': { min: 0, max: 100 },
  'below-min': { min: 5 },
  'above-max': { max: '572 °F' },
  'not-positive': none,
  'not-whole': none,
  'not-a-flag': none,
  'not-one-of': { allowed: ['g', 'kg'] },
  'not-a-list': none,
  'too-many': { max: 20 },
  'too-few': { min: 1 },
  'not-an-object': none,
  'not-a-table': none,
  'not-pairs': none,
  'not-a-pair': { what: 'seconds, degrees C' },
  'too-many-pairs': { max: 20 },
  'not-a-day': none,
  'no-such-day': none,
  'not-a-moment': none,
  'not-a-utc-moment': none,
  'no-such-moment': none,
  'not-a-time-of-day': none,
  'not-a-uuid': none,
  'not-a-currency': none,
  'not-a-time-zone': none,
  'not-a-locale': none,
  'not-a-repeat': none,
  'slab-or-assortment': none,
  'due-in-past': none,
  'orders-or-batches': none,
  'orders-or-demand': none,
  'cut-undecided': none,
  'no-pieces-in-tins': none,
  'not-a-period': { days: 31 },
  'named-twice': none,
  'ends-before-it-begins': none,
  'hours-overlap': none,
  'no-such-tin': { names: ['Long tin'] },
  'no-such-slab': none,
  'no-such-piece-type': { kinds: ['Finger', 'Square'] },
  'no-such-assortment': none,
  'no-such-ingredient': none,
  'ingredient-or-slab': none,
  'change-or-count': none,
  'unit-of-ingredient': none,
  'not-undoable': none,
  'more-sold-than-taken': none,
  'leftover-worth-too-high': none,
  'too-many-entries': { max: 500 },
  'batches-or-week': none,
  'not-a-buying-range': { days: 60 },
  'number-expected': none,
  'number-empty': none,
  'number-ambiguous': { text: '1,500', decimal: '1.500', thousands: '1500' },
  'unit-partly-missing': none,
  'too-many-rows': { max: 20_000 },
  'column-missing': { column: 'name', columns: ['name', 'water'] },
  'too-many-changes': { count: 6000, max: 5000 },
  'temperature-expected': none,
  'density-expected': { unit: 'g per ml' },
  'mass-not-volume': { unit: 'cup' },
  'length-expected': none,
  'mass-expected': none,
  'volume-expected': none,
  'duration-expected': none,
  'altitude-expected': none,
  'pack-price-expected': none,
  'pack-size-expected': none,
  'damaged-slab-file': none,
  'not-a-slab-file': none,
  'newer-slab-file': { version: 2 },
  'not-version-1': none,
  'not-a-run-file': none,
  'damaged-zip-entry': none,
  'not-json': none,
  'nested-too-deep': { max: 40 },
  'forbidden-name': { name: '__proto__' },
  'too-many-fields': { max: 30_000 },
  'too-many-links': { max: 100 },
  'too-many-events': { max: 1000 },
  'too-many-in-slab': { what: 'steps', count: 450, max: 250 },
  'id-used-twice': { id: 'base' },
  'min-above-usual': { usual: 5 },
  'max-below-usual': { usual: 5 },
  'max-wait-below-min': { min: 5 },
  'preparation-unknown': { id: 'base' },
  'layers-over-whole': { preparation: 'Base', share: 1.4 },
  'parts-over-whole': { ingredient: 'butter', share: 1.2 },
  'scales-disagree': { apartC: 8.7 },
  'margin-of-whole-price': none,
  'composition-over-100': none,
  'corner-too-large': none,
  'ends-when-it-begins': none,
  'range-not-rising': none,
  'start-and-deadline': none,
  'size-or-slab': none,
  'most-below-least': { least: 4 },
  'name-missing': none,
  'pack-name-missing': none,
  'pack-price-missing': none,
  'pack-mass-missing': { pack: 'block' },
  'not-in-larder': { ingredient: 'dust' },
  'value-not-one-of': { value: 'dust', allowed: ['milk', 'egg'] },
  'in-part': { part: 'Oats=much', reason: reason('number-expected') },
  'composition-incomplete': none,
  'too-much-cutting': { times: 17 },
  'too-much-setting': { times: 2 },
  'too-much-heat': { times: 2 },
  'too-many-heat-notes': { max: 100_000 },
  'too-many-box-places': { max: 20_000 },
  'too-many-recipe-lines': { max: 2000 },
  'label-too-long': { entries: 2001, max: 2000 },
  'file-too-large': { maxMb: 1 },
  'zip-too-large': { maxMb: 16 },
  'too-many-files': { max: 500 },
  'slab-file-not-named': none,
  'slab-file-not-in-zip': { file: 'a.slab.json' },
  'not-a-jpeg': none,
  'not-a-picture': none,
  'picture-too-large': { maxPx: 1600 },
  'template-too-large': { sheets: 551, paper: 'A4', max: 80 },
  'not-cut-along-lines': none,
  'labels-too-wide': { reachMm: 297.2, paperMm: 210 },
  'labels-too-high': { reachMm: 339.1, paperMm: 297 },
  'label-text-does-not-fit': { widthMm: 30, heightMm: 15 },
  'no-layer-with-height': none,
  'no-schedule': { because: 'Steps wait for one another in a circle' },
  'outside-slab': { endMm: 229.6 },
  'readings-below-zero': none,
  'no-room-for-pieces': none,
};

test('every reason for refusing a value has its own message with its figures', () => {
  const texts = (Object.keys(SAMPLES) as ReasonCode[]).map((code) =>
    reasonText({ code, figures: SAMPLES[code] } as Reason),
  );
  for (const text of texts) isClause(text);
  assert.ok(new Set(texts).size > 0.9 * texts.length);
  assert.equal(reasonText(reason('too-few', { min: 1 })), 'At least 1 is needed');
  assert.equal(reasonText(reason('too-few', { min: 2 })), 'At least 2 are needed');
  assert.match(reasonText(reason('label-too-long', { entries: 1, max: 0 })), /has 1 entry with/);
});

const title = (text: string): StepTitle => ({ code: 'written', text });
const step = title('Boil it');
const TITLES: readonly StepTitle[] = [
  step,
  { code: 'boil', name: 'Caramel', celsius: 118 },
  { code: 'melt', name: 'Top' },
  { code: 'mix', name: 'Base' },
  { code: 'finish', name: 'Dip' },
  { code: 'lay', name: 'Caramel', isScattered: false, tins: { from: 2, to: 3, of: 7 } },
  { code: 'lay', name: 'Nuts', isScattered: true },
  ...PLACES.map((place) => ({ code: 'set', name: 'Caramel', place }) as const),
  ...(['cut', 'snap', 'break'] as const).map((how) => ({ code: 'cut', how }) as const),
  ...(['weigh', 'combine', 'score', 'pack'] as const).map((code) => ({ code }) as const),
  ...(['simmer-water', 'melt-over-steam', 'melt-on-low-heat'] as const).map((code) => ({ code }) as const),
  ...(['scatter-on-slab', 'cover-slab', 'spread-on-slab'] as const).map((code) => ({ code }) as const),
  { code: 'melt-in-bursts', bursts: 3, seconds: 30, lastSeconds: 10 },
];

test('steps and cautions have sentences; tins and repeats come last', () => {
  for (const of of TITLES) isClause(stepText(of, METRIC));
  assert.equal(new Set(TITLES.map((of) => stepText(of, METRIC))).size, TITLES.length);
  assert.equal(
    stepText({ ...step, tins: { from: 2, to: 2, of: 3 }, times: 2 }, METRIC),
    'Boil it, tin 2 of 3, 2 times',
  );
  assert.equal(stepText(TITLES[5]!, METRIC), 'Lay Caramel, tins 2-3 of 7');
  for (const caution of CAUTIONS) isClause(cautionText(caution));
});

test('schedules and setting: what decides, and what stands in the way', () => {
  const of = { layer: 'Top', isAssumed: false };
  const setReasons: readonly SetReason[] = [
    { ...of, code: 'never-firm', staysAtC: 27.3 },
    { ...of, code: 'never-cold', neededC: 20, staysAtC: 27.3 },
    { ...of, code: 'minimum-wait', minutes: 30 },
    { ...of, code: 'cooled', toC: 25 },
    ...STUFFS.map((stuff) => ({ ...of, code: 'firm', stuff }) as const),
  ];
  for (const found of setReasons)
    for (const isAssumed of [true, false]) isSentence(setReasonText({ ...found, isAssumed }, METRIC));
  const reasons: readonly DayReason[] = [
    { code: 'circular' },
    { code: 'not-better' },
    { code: 'pinned-too-early', step, next: title('Lay it') },
    { code: 'wait-too-long', step, next: title('Lay it') },
    { code: 'no-oven', step },
    { code: 'no-ring', step },
    { code: 'longer-than-hours', step, minutes: 900.4 },
    { code: 'longest-step', step },
    { code: 'waits-for-hours', minutes: 830 },
    { code: 'begins-in-past', minutes: 72 * 60, then: { code: 'longest-step', step } },
    { code: 'layer-never-sets', layer: setReasons[0]! },
  ];
  for (const because of reasons) isClause(dayReasonText(because, METRIC));
  assert.equal(dayText({ because: null, endsBeforeDeadline: false }, METRIC), '');
  isClause(dayText({ because: reasons[7]!, endsBeforeDeadline: true }, METRIC));
});

test('what is read, what was recorded, how it cuts, and what a label lacks', () => {
  const amount = { quantity: 1, unit: 'cup' } as const;
  const lineNotes: readonly LineNote[] = [
    ...(['empty', 'no-ingredient', 'amount-without-ingredient', 'looks-like-step'] as const).map((code) => ({ code })),
    ...(['amount-out-of-range', 'no-amount-in-front', 'no-measurable-amount', 'rest-of-line'] as const).map((code) => ({
      code,
    })),
    ...(['zest-and-juice', 'each-of-several', 'weight-unknown', 'not-in-larder'] as const).map((code) => ({ code })),
    ...(['method-note', 'line-too-long', 'incomplete'] as const).map((code) => ({ code })),
    { code: 'past-limit', max: 1000 },
    { code: 'ambiguous-thousands', text: '1,500', decimal: '1.500', whole: '1500' },
    { code: 'heaped', filling: 'Heaped', isHeaped: true },
    { code: 'heaped', filling: 'Big', isHeaped: false },
    { code: 'amounts-disagree', first: amount, firstG: 233, second: { quantity: 260, unit: 'g' }, secondG: 260 },
    { code: 'pack-size-unknown', isBag: true, ownG: null },
    { code: 'pack-size-unknown', isBag: false, ownG: 250 },
    { code: 'weighed', amount, massG: 4.256 },
  ];
  for (const note of lineNotes) isClause(lineNoteText(note));
  for (const code of ['tin-not-stated', 'depth-not-stated', 'cut-not-stated', 'no-trim', 'keep-not-stated'] as const)
    isClause(assumedOfRecipeText({ path: '/cut', code }, ryeSlice, METRIC));
  const unstated = { path: '/preparations/0/lines/0/quantity', code: 'amount-not-stated' } as const;
  assert.match(assumedOfRecipeText(unstated, ryeSlice, METRIC), /is not stated\. Assumed: \d/);
  const stepNotes: readonly StepNote[] = [
    { code: 'stage-range', stage: 'soft ball', fromC: 112, toC: 116, takenC: 114 },
    { code: 'temperature-out-of-range', celsius: 900, minC: 40, maxC: 400 },
    { code: 'two-temperatures', takenC: 200, otherC: 177 },
    { code: 'scale-unknown', takenC: 240 },
    { code: 'sign-range', sign: 'amber', fromC: 165, toC: 174, takenC: 170 },
    { code: 'used-up', ingredient: 'butter' },
    { code: 'nothing-to-lay' },
    { code: 'kept-back', share: 0.25 },
    { code: 'no-end-point' },
    { code: 'on-hot', below: 'caster sugar' },
    { code: 'negative-time' },
    { code: 'not-understood' },
  ];
  for (const note of stepNotes) isClause(stepNoteText(note));
  const findings: readonly Finding[] = [
    { code: 'boil-ended', shownC: 118, wantedC: 115 },
    { code: 'step-took', step: 'Bake it', minutes: 13, plannedMinutes: 10 },
    { code: 'amount', ingredients: ['Butter', 'ghee'], times: 0.9 },
    { code: 'amount', ingredients: ['Butter'], times: 1 },
    { code: 'waited', step: 'Lay it', minutes: 11, after: 'Boil it', maxMinutes: 8 },
    { code: 'found-soft', step: 'Leave it', reading: 'still soft' },
    { code: 'tins', areaFactor: 1 },
    { code: 'tins', areaFactor: 0.9 },
    { code: 'chocolate-at', celsius: 40 },
    { code: 'cold-place', step: null },
    { code: 'cold-place', step: 'Leave it' },
    { code: 'humidity', percent: 59.6 },
    { code: 'thermometer-checked', daysAgo: 1 },
    { code: 'thermometer-checked', daysAgo: null },
  ];
  for (const finding of findings) isClause(findingText(finding, METRIC));
  assert.equal(
    findingText({ code: 'amount', ingredients: ['butter'], times: 0.9 }, METRIC),
    '10 % less butter than planned',
  );
  assert.equal(findingText({ code: 'tins', areaFactor: 1.25 }, METRIC), 'The tin was 25 % larger than planned');
  const advice: readonly CutAdvice[] = [
    { code: 'brittle-over-soft', layer: 'l2', name: 'Top', below: 'Caramel' },
    ...(['sticky', 'clinging', 'smearing', 'crumbly'] as const).map((code) => ({ code, layer: 'l1', name: 'Base' })),
    { code: 'too-tall', layer: null, heightMm: 38, widthMm: 25 },
  ];
  for (const item of advice) isClause(cutAdviceText(item, METRIC));
  const fits: readonly (readonly [CutFit, string])[] = [
    [{ code: 'count', pieces: 60, more: 0 }, '60, as asked'],
    [{ code: 'count', pieces: 54, more: -6 }, '6 fewer than asked'],
    [{ code: 'mass', massG: 50, overShare: 0 }, '50 g, as asked'],
    [{ code: 'mass', massG: 50, overShare: -0.052 }, '5.2 % lighter than asked'],
    [{ code: 'cost', overShare: 0 }, 'costs as asked'],
    [{ code: 'cost', overShare: 0.12 }, 'costs 12 % more than asked'],
    [{ code: 'trimmed', trimShare: 0.08 }, 'exact size, 8.0 % trimmed off'],
  ];
  for (const [fit, text] of fits) assert.equal(cutFitText(fit, METRIC), text);
  isClause(cutFitText({ code: 'stretched', lengthMm: 41, widthMm: 30 }, METRIC));
  isClause(mixedRefusalText({ code: 'not-found-in-time', seconds: 8 }));
  isClause(mixedRefusalText({ code: 'counts-do-not-fit', lengthMm: 300, widthMm: 200 }));
  const lacks: readonly LabelProblem[] = [
    { code: 'not-in-larder', ingredients: ['dust'] },
    { code: 'allergens-uncertain', allergens: ['milk'], ingredients: ['dust', 'fog'] },
    { code: 'allergens-uncertain', allergens: [], ingredients: ['dust'] },
    { code: 'kept-too-warm', ingredients: ['cream'] },
    {
      code: 'nutrition-unknown',
      unknown: [
        {
          nutrients: ['fat', 'salt'],
          ranges: [
            [1, 4],
            [0.1, 0.2],
          ],
          ingredients: ['oats'],
        },
      ],
    },
    { code: 'kind-not-named', allergen: 'tree nuts', ingredients: ['praline'] },
    { code: 'no-shelf-life' },
    { code: 'no-address' },
    { code: 'claim-broken', allergens: ['milk', 'egg'] },
  ];
  for (const problem of lacks) isClause(labelProblemText(problem));
  for (const place of PLACES) isClause(keepText(place));
  assert.equal(openLineText({ tried: [], isUnknown: false }), 'the larder has no substitute for it');
  assert.equal(openLineText({ tried: ['ghee'], isUnknown: false }), 'ghee contains it too, or is not in the larder');
  assert.match(
    openLineText({ tried: ['ghee', 'cream'], isUnknown: false }),
    /^ghee and cream contain it too, or are not/,
  );
});
