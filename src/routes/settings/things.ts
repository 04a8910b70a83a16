import type { Quantity } from '$core/measure';

/** A column of an equipment row: a figure, a choice or a text. */
export interface Column {
  readonly field: string;
  readonly label: string;
  readonly kind: 'number' | 'choice';
  readonly quantity?: Quantity;
  readonly optional?: boolean;
  readonly placeholder?: string;
  /** For a choice: stored value and displayed text. */
  readonly options?: readonly (readonly [value: string, words: string])[];
  /** Relative width; default 1. */
  readonly wide?: number;
  /** Whether it is an amount of money in the shop's currency. */
  readonly isMoney?: boolean;
}

/** A kind of equipment. */
export interface Kind {
  /** The setting that holds it. */
  readonly path: 'vessels' | 'boxes' | 'bags' | 'wraps' | 'pieceKinds' | 'channels';
  readonly legend: string;
  readonly add: string;
  /** Defaults of a new item, besides its empty name. */
  readonly begin: Readonly<Record<string, unknown>>;
  readonly columns: readonly Column[];
}

const side = (field: string, label: string): Column => ({ field, label, kind: 'number', quantity: 'length' });
const price = (of: string): Column => ({ field: 'price', label: of, kind: 'number', optional: true, isMoney: true });

export const POTS: Kind = {
  path: 'vessels',
  legend: 'Pots and bowls, capacity to the brim',
  add: 'Add pot or bowl',
  begin: { kind: 'pot', volumeMl: 3000 },
  columns: [
    {
      ...{ field: 'kind', label: 'Type', kind: 'choice', wide: 1.4 },
      options: [
        ['pot', 'pot'],
        ['bowl', 'bowl'],
      ],
    },
    { field: 'volumeMl', label: 'Capacity', kind: 'number', quantity: 'volume', wide: 1.4 },
  ],
};

export const BOXES: Kind = {
  path: 'boxes',
  legend: 'Boxes, inside dimensions',
  add: 'Add box',
  begin: { lengthMm: 160, widthMm: 110, heightMm: 30 },
  columns: [side('lengthMm', 'Length'), side('widthMm', 'Width'), side('heightMm', 'Height'), price('Price')],
};

export const BAGS: Kind = {
  path: 'bags',
  legend: 'Bags, by capacity',
  add: 'Add bag',
  begin: { holdsG: 150 },
  columns: [
    { field: 'holdsG', label: 'Capacity', kind: 'number', quantity: 'mass', optional: true },
    { field: 'holdsPieces', label: 'Pieces', kind: 'number', optional: true },
    price('Price'),
  ],
};

export const WRAPS: Kind = {
  path: 'wraps',
  legend: 'Wrapper sheets',
  add: 'Add wrapper',
  begin: { fold: 'parcel', lengthMm: 450, widthMm: 350 },
  columns: [
    {
      ...{ field: 'fold', label: 'Fold', kind: 'choice', wide: 1.3 },
      options: [
        ['parcel', 'folded'],
        ['twist', 'twisted'],
      ],
    },
    side('lengthMm', 'Length'),
    side('widthMm', 'Width'),
    price('Price per sheet'),
  ],
};

export const PIECES: Kind = {
  path: 'pieceKinds',
  legend: 'Piece types',
  add: 'Add piece type',
  begin: { lengthMm: 75, widthMm: 25 },
  columns: [side('lengthMm', 'Length'), side('widthMm', 'Width'), price('Price')],
};

/** Sales channels; their packaging is one of the shop's boxes or bags. */
export const channelsIn = (names: readonly string[]): Kind => ({
  path: 'channels',
  legend: 'Sales channels',
  add: 'Add sales channel',
  begin: {},
  columns: [
    { field: 'discountPercent', label: 'Discount, %', kind: 'number', optional: true },
    { field: 'feePercent', label: 'Fee, %', kind: 'number', optional: true },
    { field: 'feeEach', label: 'Fee per sale', kind: 'number', optional: true, isMoney: true },
    { field: 'costEach', label: 'Postage per sale', kind: 'number', optional: true, isMoney: true },
    { field: 'feePerDay', label: 'Stall fee per day', kind: 'number', optional: true, isMoney: true },
    { field: 'salesPerDay', label: 'Sales per day', kind: 'number', optional: true },
    { field: 'taxPercent', label: 'Sales tax, %', kind: 'number', optional: true, placeholder: 'shop rate' },
    {
      ...{ field: 'in', label: 'Packaging', kind: 'choice', wide: 1.6 },
      options: [['', 'same as the slab'] as const, ...names.map((name) => [name, name] as const)],
    },
    { field: 'pieces', label: 'Pieces per sale', kind: 'number', optional: true, placeholder: 'as many as fit' },
  ],
});
