/** How long a section takes to draw: its edges, scattered pieces and coats; texture tiles are drawn once a visit. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { larderOf, type Ingredient } from '$core/larder';
import { LOOKS } from '$core/classify';
import { plan } from '$core/usecases';
import type { Slab } from '$core/slab';
import { fillTile } from '../../src/lib/ui/fillTiles';
import { sectionDrawing } from '../../src/lib/ui/sectionDrawing';

const root = process.cwd();
const BOX = { width: 560, height: 640, close: true };
const ROUNDS = 300;

/** The slowest demo slab's section, and all tiles together. */
export function benchDrawing(): string {
  const ingredients = JSON.parse(readFileSync(join(root, 'demo/larder.json'), 'utf8')) as Ingredient[];
  const shop = { name: '', currency: 'EUR', measures: 'metric', scaleStepG: 1 } as const;
  const folder = join(root, 'demo/slabs');
  const slowest = readdirSync(folder)
    .map((file) => {
      const slab = JSON.parse(readFileSync(join(folder, file), 'utf8')) as Slab;
      const [made] = plan(slab, larderOf(ingredients), shop).slabs;
      const times = Array.from({ length: ROUNDS }, () => {
        const started = performance.now();
        sectionDrawing(made!.tin, made!.layers, BOX);
        return performance.now() - started;
      }).sort((a, b) => a - b);
      return { name: slab.name, ms: times[Math.floor(ROUNDS * 0.95)]! };
    })
    .reduce((a, b) => (a.ms > b.ms ? a : b));
  const started = performance.now();
  LOOKS.forEach(fillTile);
  const tiles = performance.now() - started;
  return `A section drawn, ${slowest.name}, the slowest of the demo: 95 % under ${slowest.ms.toFixed(2)} ms (wanted: 4 ms); the tiles of all ${LOOKS.length} looks, once a visit: ${tiles.toFixed(1)} ms`;
}
