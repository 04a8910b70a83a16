import type { CutTool } from '../slab';

interface ToolRule {
  /** Typical kerf of one stroke, mm. */
  readonly kerfMm: number;
  /** Whether the tool cuts the whole slab at once, so that strips cannot be cut separately or at a slant. */
  readonly throughOnly: boolean;
  /** Time of one stroke with wiping, or of one pass of wires and rollers, s; bench experience. */
  readonly strokeSeconds: number;
}

/** Properties of every tool. Kerfs as measured by makers. */
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
