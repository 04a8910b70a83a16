import type { CutTool } from '../slab';

interface ToolRule {
  /** What one stroke usually takes away, mm. */
  readonly kerfMm: number;
  /** It goes through the whole slab at once: no strip is cut by itself, and nothing slanted either. */
  readonly throughOnly: boolean;
}

/** Every tool, and what follows from it; kerfs as makers measure them. */
export const TOOL: Readonly<Record<CutTool, ToolRule>> = {
  'hot blade': { kerfMm: 0, throughOnly: false },
  'cold blade': { kerfMm: 0, throughOnly: false },
  serrated: { kerfMm: 1.5, throughOnly: false },
  wire: { kerfMm: 0.5, throughOnly: true },
  rollers: { kerfMm: 3, throughOnly: true },
  'score and snap': { kerfMm: 0, throughOnly: false },
  hand: { kerfMm: 0, throughOnly: false },
};
