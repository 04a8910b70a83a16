/** Usual waits at the bench, for comparison with the model: usual ranges, not those of one recipe. */
import { readFileSync } from 'node:fs';
import type { LayerStates } from '$core/setting';
import type { Layer, Place, Preparation, Slab } from '$core/slab';
import { settingFor } from '$core/usecases';
import { larderOf, type Ingredient } from '$core/larder';
import { demoIngredients, shop } from '../unit/things';
import { FURTHER_WAITS } from './furtherWaits';
import { MORE_WAITS } from './moreWaits';

/** The larder of the demo shop, and the starter list for the rest. */
const larder = larderOf([
  ...demoIngredients,
  ...(JSON.parse(readFileSync(new URL('../../starter/larder.json', import.meta.url), 'utf8')) as Ingredient[]),
]);

type Lines = readonly (readonly [ingredient: string, grams: number])[];
interface Laid {
  readonly lines: Lines;
  readonly mm: number;
  readonly pourC: number;
  readonly place: Place;
  readonly part?: Partial<Preparation>;
  readonly layer?: Partial<Layer>;
}
export interface UsualWait {
  readonly what: string;
  /** The layers from the base up; the wait is for the topmost. */
  readonly layers: readonly Laid[];
  readonly state: keyof LayerStates;
  /** Minutes from its pour. */
  readonly usual: readonly [number, number];
  /** First it stands in the room for this long, min; then in its own place. */
  readonly roomFirst?: number;
}

const TEMPER = { steps: [{ id: 't', text: 'Bring into temper', minutes: 10 }] } as const;
const BAKED = { steps: [{ id: 'b', text: 'Bake', minutes: 20, ovenC: 165 }] } as const;
const dark: Lines = [['dark chocolate', 400]];
const shortbread: Lines = [
  ['rye flour', 270],
  ['butter', 225],
  ['demerara sugar', 120],
];
const caramel: Lines = [
  ['caster sugar', 330],
  ['glucose syrup', 90],
  ['whipping cream', 360],
  ['butter', 60],
];
/** A cold base that is already there. */
const coldBase: Laid = { lines: shortbread, mm: 12, pourC: 5, place: 'fridge', part: BAKED };
const coolBase: Laid = { lines: shortbread, mm: 9, pourC: 21, place: 'room', part: BAKED };
const bark = (place: Place): Laid => ({
  lines: [
    ['dark chocolate', 400],
    ['chopped almonds', 60],
  ],
  mm: 5.5,
  pourC: 32,
  place,
  part: TEMPER,
});
const softCaramel = (place: Place): Laid => ({
  lines: caramel,
  mm: 9,
  pourC: 100,
  place,
  part: { cookTo: { celsius: 118 } },
});

export const USUAL_WAITS: readonly UsualWait[] = [
  {
    what: 'tempered dark chocolate, 1 mm, room: dry',
    layers: [{ lines: dark, mm: 1, pourC: 31, place: 'room', part: TEMPER }],
    state: 'takesNext',
    usual: [3, 6],
  },
  { what: 'tempered bark 5.5 mm, room: breaks clean', layers: [bark('room')], state: 'cuts', usual: [40, 80] },
  { what: 'the same, fridge', layers: [bark('fridge')], state: 'cuts', usual: [15, 30] },
  {
    what: 'chocolate melted with a tenth of butter, 3 mm on a cold slab, fridge: cuts',
    layers: [
      coldBase,
      {
        lines: [
          ['dark chocolate', 300],
          ['butter', 30],
        ],
        mm: 3,
        pourC: 36,
        place: 'fridge',
      },
    ],
    state: 'cuts',
    usual: [15, 45],
  },
  {
    what: 'butter cream 8 mm at 21 C on a cold base, fridge: takes a lid',
    layers: [
      coldBase,
      {
        lines: [
          ['icing sugar', 200],
          ['butter', 120],
        ],
        mm: 8,
        pourC: 21,
        place: 'fridge',
      },
    ],
    state: 'takesNext',
    usual: [20, 40],
  },
  {
    what: 'crumb base bound with butter, 12 mm at 38 C, fridge: takes the next',
    layers: [
      {
        lines: [
          ['oat biscuit crumbs', 250],
          ['butter', 120],
        ],
        mm: 12,
        pourC: 38,
        place: 'fridge',
      },
    ],
    state: 'takesNext',
    usual: [30, 60],
  },
  {
    what: 'shortbread 9 mm from the oven, room: takes a caramel',
    layers: [{ lines: shortbread, mm: 9, pourC: 95, place: 'room', part: BAKED }],
    state: 'takesNext',
    usual: [15, 30],
  },
  {
    what: 'soft caramel 9 mm on a cool base, room: takes chocolate',
    layers: [coolBase, softCaramel('room')],
    state: 'takesNext',
    usual: [45, 90],
  },
  {
    what: 'the same, 15 min in the room and then in the fridge',
    layers: [coolBase, softCaramel('fridge')],
    state: 'takesNext',
    usual: [40, 60],
    roomFirst: 15,
  },
  {
    what: 'hard-crack butter slab 6 mm at 140 C, room: snaps',
    layers: [
      {
        lines: [
          ['butter', 320],
          ['caster sugar', 340],
          ['water', 45],
        ],
        mm: 6,
        pourC: 140,
        place: 'room',
        part: { cookTo: { celsius: 149 } },
      },
    ],
    state: 'cuts',
    usual: [30, 60],
  },
  {
    what: 'fudge 18 mm at 55 C, fridge: cuts',
    layers: [
      {
        lines: [
          ['light brown sugar', 600],
          ['whipping cream', 240],
          ['butter', 60],
        ],
        mm: 18,
        pourC: 55,
        place: 'fridge',
        part: { cookTo: { celsius: 114 }, steps: [{ id: 'b', text: 'Beat until the gloss goes', minutes: 8 }] },
      },
    ],
    state: 'cuts',
    usual: [60, 120],
  },
  {
    what: 'fruit 8 mm, frozen: breaks',
    layers: [{ lines: [['bramble apples', 400]], mm: 8, pourC: 18, place: 'freezer' }],
    state: 'cuts',
    usual: [120, 240],
  },
  {
    what: 'marshmallow 20 mm at 45 C, room: cuts',
    layers: [
      {
        lines: [
          ['caster sugar', 280],
          ['glucose syrup', 60],
          ['water', 110],
          ['gelatine leaf', 14],
        ],
        mm: 20,
        pourC: 45,
        place: 'room',
        part: { cookTo: { celsius: 118 } },
        layer: { densityGPerMl: 0.48 },
      },
    ],
    state: 'cuts',
    usual: [180, 480],
  },
];

/** Minutes calculated by the model; null where the layer never gets there. */
export function reckoned({ layers, state, roomFirst }: UsualWait): number | null {
  const slab: Slab = {
    format: 'knife-tray/slab',
    version: 1,
    name: 'Usual',
    tin: { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 60 },
    preparations: layers.map(({ lines, part }, i) => ({
      id: `p${i}`,
      name: `Mixture ${i}`,
      lines: lines.map(([ingredient, quantity]) => ({ ingredient, quantity, unit: 'g' })),
      ...part,
    })),
    layers: layers.map(({ pourC, place, layer }, i) => ({
      id: `l${i}`,
      name: `Layer ${i}`,
      from: [{ preparation: `p${i}`, share: 1 }],
      spread: 'level',
      pourC,
      set: { place },
      ...layer,
    })),
    cut: { columns: 6, rows: 4 },
    scale: { mode: 'layer-thickness', mm: Object.fromEntries(layers.map(({ mm }, i) => [`l${i}`, mm])) },
  };
  const stays = roomFirst
    ? ([
        { place: 'room', minutes: roomFirst },
        { place: layers.at(-1)!.place, minutes: 60 },
      ] as const)
    : [];
  const setting = settingFor(slab, larder, { ...shop, roomC: 21 }, {}, stays);
  return setting?.layers.at(-1)?.states[state] ?? null;
}

/** How far off a figure is from the middle of a range, as a factor of at least 1. */
export function offBy(minutes: number, [from, to]: readonly [number, number]): number {
  const middle = Math.sqrt(from * to);
  return Math.max(minutes / middle, middle / minutes);
}

/** The error of the model, case by case. */
export function benchUsualWaits(): string {
  const found = [...USUAL_WAITS, ...FURTHER_WAITS, ...MORE_WAITS].map((wait) => {
    const minutes = reckoned(wait);
    return { ...wait, minutes, off: minutes === null ? Infinity : offBy(minutes, wait.usual) };
  });
  const factors = found.map(({ off }) => off).sort((a, b) => a - b);
  const cases = found.map(
    ({ what, minutes, usual: [from, to] }) => `${what} ${minutes ?? 'never'} min (usual ${from}-${to})`,
  );
  return `${found.length} waits compared with those usual at the bench: typical factor ${factors[factors.length >> 1]!.toFixed(2)} (wanted: at most 1.35), most ${factors.at(-1)!.toFixed(2)} (wanted: at most 2): ${cases.join('; ')}`;
}
