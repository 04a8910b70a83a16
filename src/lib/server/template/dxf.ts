import { Colors, DxfWriter, point2d, point3d, Units } from '@tarikjabiri/dxf';
import type { StrokeOrder } from '$core/cut';

/** Returns a cutting template as DXF in mm: the outline on one layer, the strokes on another, in order. */
export function templateDxf({ outline: { lengthMm, widthMm, cornerMm: r }, strokes }: StrokeOrder): string {
  const file = new DxfWriter();
  file.setUnits(Units.Millimeters);
  file.addLayer('OUTLINE', Colors.White, 'CONTINUOUS');
  file.addLayer('STROKES', Colors.Red, 'CONTINUOUS');
  file.setCurrentLayerName('OUTLINE');
  // A corner is a bulge of tan(90 degrees / 4).
  const bulge = r > 0 ? Math.tan(Math.PI / 8) : 0;
  const corner = (x: number, y: number, bends: boolean) => ({
    point: point2d(x, y),
    ...(bends && r > 0 ? { bulge } : {}),
  });
  file.addLWPolyline(
    [
      corner(r, 0, false),
      corner(lengthMm - r, 0, true),
      corner(lengthMm, r, false),
      corner(lengthMm, widthMm - r, true),
      corner(lengthMm - r, widthMm, false),
      corner(r, widthMm, true),
      corner(0, widthMm - r, false),
      corner(0, r, true),
    ],
    { flags: 1 },
  );
  file.setCurrentLayerName('STROKES');
  for (const { from, to } of strokes) file.addLine(point3d(from[0], from[1]), point3d(to[0], to[1]));
  return file.stringify();
}
