import type { CutTool } from '../slab';

interface ToolRule {
  /** What one stroke usually takes away, mm. */
  readonly kerfMm: number;
  /** It goes through the whole slab at once: no strip is cut by itself, and nothing slanted either. */
  readonly throughOnly: boolean;
  /** What one stroke takes with wiping, or of wires and rollers one go of all of them, s; counted at the bench. */
  readonly strokeSeconds: number;
}

/** Every tool, and what follows from it; kerfs as makers measure them. */
export const TOOL: Readonly<Record<CutTool, ToolRule>> = {
  'hot blade': {
    kerfMm: 0,
    throughOnly: false,
    strokeSeconds: 20,
  },
  'cold blade': { kerfMm: 0, throughOnly: false, strokeSeconds: 10 },
  serrated: { kerfMm: 1.5, throughOnly: false, strokeSeconds: 15 },
  wire: { kerfMm: 0.5, throughOnly: true, strokeSeconds: 20 },
  rollers: { kerfMm: 3, throughOnly: true, strokeSeconds: 20 },
  'score and snap': {
    kerfMm: 0,
    throughOnly: false,
    strokeSeconds: 7,
  },
  hand: { kerfMm: 0, throughOnly: false, strokeSeconds: 4 },
};
