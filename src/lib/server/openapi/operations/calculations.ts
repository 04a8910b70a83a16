import type { JsonSchema } from '$core/validation';
import { pricingSchema, cutSchema, scaleSchema } from '$core/slab';
import { shopSchema } from '$core/shop';
import { tinsSchema } from '$core/tin';
import { batchesRequestSchema } from '../../requests/batches';
import { bagsSchema, cutAskSchema, mixedSchema, readingSchema } from '../../requests/cutting';
import { diagnoseSchema } from '../../requests/runs';
import { boxesSchema, freeFromSchema, labelRequestSchema } from '../../requests/selling';
import { forecastSchema, heatRequestSchema, staysSchema, timelineSchema } from '../../requests/services';
import { weekSchema } from '../../requests/week';
import { AHEAD, exampleSlab, RYE } from '../example';
import {
  also,
  any,
  bool,
  int,
  json,
  list,
  moment,
  nullable,
  num,
  obj,
  ref,
  sent,
  str,
  table,
  type Operation,
  type Subject,
} from '../operation';

/** A slab with options that replace its own, and more fields. */
const withSlab = (...more: readonly JsonSchema[]) =>
  also(
    obj(
      { slab: ref('Slab') },
      { tins: sent(tinsSchema), scale: sent(scaleSchema), cut: sent(cutSchema), shop: sent(shopSchema) },
    ),
    ...more,
  );
const post = (
  path: string,
  summary: string,
  schema: JsonSchema,
  example: unknown,
  answer: Operation['answer'],
): Operation => ({
  ...{ method: 'post', path, summary, answer },
  body: { schema, example },
});

const checks = list(obj({ code: str, where: str, message: str }));

export const calculations: Subject = {
  name: 'Calculations',
  description: 'Services that calculate and change nothing. They take a slab file and the larder of the shop.',
  operations: [
    post(
      '/api/plan',
      'Calculate a whole plan',
      withSlab(),
      { slab: exampleSlab },
      json(
        obj({
          preparations: list(
            obj({
              ...{ id: str, scaleFactor: num, batches: int, massInG: num, evaporatedG: num, massOutG: num },
              ...{ leftoverG: num, densityGPerMl: num, lines: list(obj({})) },
            }),
          ),
          layers: list(obj({ id: str, massG: num, thicknessMm: num, areaMm2: num, volumeMl: num })),
          slab: obj({ massG: num, heightMm: num }),
          cut: obj({ pieces: list(obj({ count: int, massG: num })), trimG: num, kerfG: num, massVariation: num }),
          cost: obj({
            used: num,
            toBuy: num,
            leftover: num,
            currency: str,
            perPiece: nullable(num),
            byIngredient: list(obj({ name: str, massG: num, cost: nullable(num) })),
          }),
          checks,
          acknowledged: list(obj({ code: str, message: str })),
          allergens: obj({ contains: list(str), assumed: list(str), unknownFor: list(str) }),
        }),
      ),
    ),
    post(
      '/api/cuts',
      'Find cuts by number, size, weight or cost of a piece',
      withSlab(obj({ ask: sent(cutAskSchema) })),
      { slab: exampleSlab, ask: { by: 'count', count: 24 } },
      json(
        obj({
          cuts: list(
            obj({
              cut: obj({}),
              pieces: int,
              lengthMm: num,
              widthMm: num,
              massG: num,
              trimShare: num,
              massVariation: num,
              why: str,
            }),
          ),
        }),
      ),
    ),
    post(
      '/api/even',
      'Cut an uneven slab into equal weights',
      withSlab(obj({ readings: sent(readingSchema) })),
      {
        slab: exampleSlab,
        readings: [
          { xMm: 10, yMm: 10, mm: 18 },
          { xMm: 290, yMm: 10, mm: 20 },
          { xMm: 150, yMm: 190, mm: 22 },
        ],
      },
      json(
        obj({
          surface: obj({ terms: str, errorMm: nullable(num) }),
          ways: table(obj({ massVariation: num, massesG: list(list(num)) })),
        }),
      ),
    ),
    post(
      '/api/mixed',
      'Find the best cut into several piece types',
      sent(mixedSchema),
      {
        lengthMm: 300,
        widthMm: 200,
        kinds: [
          { id: 'finger', lengthMm: 100, widthMm: 25, value: 3 },
          { id: 'square', lengthMm: 50, widthMm: 50, value: 2 },
        ],
        seconds: 1,
      },
      json(
        obj({
          value: num,
          bound: num,
          proven: bool,
          strips: list(obj({ along: str, atMm: num, sizeMm: num, pieces: list(any) })),
          counts: table(int),
          wasteShare: num,
        }),
      ),
    ),
    post(
      '/api/bags',
      'Fill bags with weighed shards',
      sent(bagsSchema),
      { shardsG: [31, 44, 52, 38, 61, 29], bagG: 120, bags: 2 },
      json(
        obj({
          bags: list(obj({ shards: list(int), massG: num })),
          over: list(any),
          givenAwayG: num,
          most: int,
          proven: bool,
        }),
      ),
    ),
    post(
      '/api/boxes',
      'Find how many pieces fit into each box',
      sent(boxesSchema),
      {
        piece: { lengthMm: 50, widthMm: 50, heightMm: 22 },
        pieces: 24,
        boxes: [{ name: 'flat box', lengthMm: 160, widthMm: 110, heightMm: 50, price: 0.4 }],
      },
      json(
        obj({
          answers: list(
            obj({
              box: str,
              perBox: int,
              levels: int,
              boxes: int,
              fill: num,
              cost: nullable(num),
              layout: list(obj({ xMm: num, yMm: num, turned: bool })),
            }),
          ),
        }),
      ),
    ),
    post(
      '/api/price',
      'Calculate cost, price and profit of a batch',
      withSlab(obj({}, { pricing: sent(pricingSchema) })),
      { slab: exampleSlab, pricing: { margin: 0.6 } },
      json(
        obj({
          ...{ currency: str, pieces: int, costs: table(num) },
          perPiece: obj({ cost: num, price: num, net: num, tax: num, margin: num }),
          kinds: list(obj({ name: nullable(str), count: int, massG: num, cost: num, price: num, net: num })),
          ...{ margin: num, marginShare: nullable(num), marginPerHour: nullable(num), handsMinutes: nullable(num) },
          ...{ breakEvenPieces: nullable(int), rises: list(obj({ ingredient: str, costMore: num })), toBuy: num },
          packing: obj({ in: nullable(str), perPack: int, packs: int, cost: num }),
          channels: list(
            obj({ name: str, pieces: int, price: num, net: num, margin: num, marginShare: nullable(num) }),
          ),
        }),
      ),
    ),
    post(
      '/api/label',
      'Draft a label',
      withSlab(sent(labelRequestSchema)),
      { slab: exampleSlab, madeOn: '2026-11-26', profile: 'eu', pack: { pieces: 6 } },
      json(
        obj({
          ...{
            profile: str,
            name: str,
            text: str,
            ingredients: list(obj({ name: str, massG: num })),
            allergens: list(str),
          },
          ...{ contains: list(str), probablyContains: list(str), mayContain: list(str), unknownFor: list(str) },
          nutrition: nullable(
            obj({ per: num, kJ: num, kcal: num, fat: num, salt: num, ranges: table(list(num)), unknown: list(str) }),
          ),
          ...{ pieces: int, netG: num, bestBefore: str, lot: str, address: str, keep: nullable(str) },
          ...{ lacks: list(obj({ code: str, message: str })), problems: list(obj({ code: str })) },
        }),
      ),
    ),
    post(
      '/api/free-from',
      'Remove an allergen from a slab',
      withSlab(sent(freeFromSchema)),
      { slab: exampleSlab, allergen: 'milk' },
      json(
        obj({
          slab: ref('Slab'),
          swaps: list(obj({ where: str, preparation: str, from: str, to: str, ratio: num })),
          open: list(obj({})),
          changes: list(obj({ what: str, unit: str, before: nullable(num), after: nullable(num) })),
        }),
      ),
    ),
    post(
      '/api/setting',
      'Calculate how the layers of a slab set',
      { anyOf: [withSlab(obj({}, { stays: sent(staysSchema) })), sent(heatRequestSchema)] },
      { slab: exampleSlab, stays: [{ place: 'fridge', minutes: 90 }] },
      json(
        obj({
          layers: list(
            obj({
              ...{ id: str, name: str, pouredAt: num, setAfterMinutes: nullable(num), nextFromMinutes: nullable(num) },
              ...{ nextUntilMinutes: nullable(num), contactC: nullable(num), meltsBelow: bool, why: str },
            }),
          ),
          cutWindow: nullable(obj({ fromMinutes: nullable(num), toMinutes: nullable(num) })),
          cutLimit: any,
        }),
      ),
    ),
    post(
      '/api/timeline',
      'Schedule a slab',
      withSlab(sent(timelineSchema)),
      { slab: exampleSlab, deadline: AHEAD },
      json(
        obj(
          { feasible: bool },
          {
            ...{ earliestEnd: moment, because: str, reason: obj({ code: str }) },
            steps: list(
              obj({
                id: str,
                of: str,
                text: str,
                start: moment,
                end: moment,
                hands: str,
                occupies: list(str),
                slackMinutes: num,
              }),
            ),
          },
        ),
      ),
    ),
    post(
      '/api/forecast',
      'Forecast a boil or a cooling from its readings',
      sent(forecastSchema),
      {
        kind: 'cool',
        readings: [
          [0, 95],
          [300, 80],
          [600, 68],
          [900, 58],
        ],
        targetC: 35,
        roomC: 20,
      },
      json(
        obj({
          minutesLeft: nullable(num),
          low: nullable(num),
          high: nullable(num),
          reached: bool,
          code: str,
          why: str,
        }),
      ),
    ),
    post(
      '/api/diagnose',
      'Find possible causes of a fault',
      sent(diagnoseSchema),
      { slab: RYE, seen: ['hard'] },
      json(
        obj({
          causes: list(
            obj({
              cause: str,
              name: str,
              weight: num,
              likely: str,
              now: str,
              next: str,
              because: list(str),
              against: list(str),
            }),
          ),
        }),
      ),
    ),
    post(
      '/api/batches',
      'Choose what to make for orders',
      sent(batchesRequestSchema),
      { demand: [{ slab: RYE, pieces: 40, due: AHEAD }] },
      json(
        obj({
          batches: list(
            obj({
              id: str,
              slab: int,
              tins: list(obj({ tin: any, count: int })),
              pieces: list(obj({ count: int })),
              notBefore: moment,
              due: moment,
            }),
          ),
          fromStock: list(obj({ slab: int, pieces: num })),
          leftOver: list(obj({ slab: int, pieces: num })),
          cost: num,
          bound: num,
          proven: bool,
        }),
      ),
    ),
    {
      ...post(
        '/api/week',
        'Plan batches in one workroom',
        sent(weekSchema),
        {
          from: '2031-03-05T00:00:00Z',
          to: '2031-03-08T00:00:00Z',
          batches: [{ id: 'a', slab: RYE, due: AHEAD }],
          seconds: 0.5,
        },
        json(
          obj({
            ...{ feasible: bool, late: list(obj({ batch: str, minutes: num })), proven: bool, seconds: num },
            bound: obj({ lateMinutes: num, handsMinutes: num, endOfDay: table(moment) }),
            steps: list(
              obj({
                ...{
                  batch: str,
                  step: str,
                  of: str,
                  text: str,
                  start: moment,
                  end: moment,
                  hands: nullable(str),
                  attended: bool,
                },
                ...{ uses: list(obj({ resource: str })), tins: list(obj({ tin: str, count: int })) },
                after: list(obj({ step: str, leastMinutes: num, mostMinutes: nullable(num) })),
              }),
            ),
            waysOut: list(obj({ text: str, change: obj({}) })),
          }),
        ),
      ),
      description:
        'The answer lists everything that is needed to check it: the links of each step, and what it uses from when to when.',
    },
  ],
};
