/** Sugar stages, coolest first; `sugar/stages` has their temperatures. */
export const STAGES = [
  'thread',
  'soft ball',
  'firm ball',
  'hard ball',
  'soft crack',
  'hard crack',
  'light caramel',
  'dark caramel',
] as const;
export type Stage = (typeof STAGES)[number];

/** How the time of a step grows: not at all, with the amount, or with the square of the thickness as setting does. */
export const GROWTHS = ['fixed', 'mass', 'set'] as const;
export type Growth = (typeof GROWTHS)[number];

/** Labour of a step: hands-on, watching, or unattended. */
export const HANDS = ['busy', 'watch', 'free'] as const;
export type Hands = (typeof HANDS)[number];

export const SPREADS = ['level', 'shell', 'both-faces', 'scatter', 'coat', 'per-piece'] as const;
export type Spread = (typeof SPREADS)[number];

export const PLACES = ['room', 'fridge', 'freezer', 'marble'] as const;
export type Place = (typeof PLACES)[number];

/** Properties of each place: whether it is cold, whether it freezes, and which shelf life applies. */
export const PLACE_FACTS = {
  room: { isCold: false, freezes: false, keepsAs: 'room' },
  fridge: { isCold: true, freezes: false, keepsAs: 'fridge' },
  freezer: { isCold: true, freezes: true, keepsAs: 'freezer' },
  marble: { isCold: false, freezes: false, keepsAs: 'room' },
} as const satisfies Readonly<
  Record<
    Place,
    { readonly isCold: boolean; readonly freezes: boolean; readonly keepsAs: 'room' | 'fridge' | 'freezer' }
  >
>;

/** Where a pot cools: on the bench or in cold water. */
export const COOLING_PLACES = ['room', 'cold water'] as const;
export type CoolingPlace = (typeof COOLING_PLACES)[number];

/** Appearance of a cut layer. */
export const TEXTURES = ['crumb', 'smooth', 'crystal', 'air', 'nut', 'chocolate'] as const;
export type Texture = (typeof TEXTURES)[number];

/** Ways to cut a slab: straight lines, several piece types, broken by hand, or wedges. */
export const CUT_WAYS = ['grid', 'mixed', 'break', 'wedges'] as const;
export type CutWay = (typeof CUT_WAYS)[number];

export const CUT_TOOLS = ['hot blade', 'cold blade', 'serrated', 'wire', 'rollers', 'score and snap', 'hand'] as const;
export type CutTool = (typeof CUT_TOOLS)[number];

/** Shapes of pieces: rectangles, rectangles halved on a diagonal, or two sets of lines at 60 degrees. */
export const PIECE_SHAPES = ['rectangle', 'triangle', 'diamond'] as const;
export type PieceShape = (typeof PIECE_SHAPES)[number];
