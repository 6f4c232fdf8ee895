import { getTraits } from '../materials/crafts.ts';
import { DxfWriter, point3d, Units } from '@tarikjabiri/dxf';
import { MATERIALS } from '../catalogue/pipe.ts';
import type { Vector } from '../geometry/vector.ts';
import type { RunLayout } from '../runs/layout.ts';
import { listDrops } from '../traps/drop.ts';
import { INCH, MILLIMETRE, type LengthUnit } from '../units/length.ts';

export const MARKS_LAYER = 'marks';
export const TRAPS_LAYER = 'traps';

/**
 * The run as DXF: the centre line of each leg in model space, in three dimensions and real units (inches or millimetres, as
 * the header says), a layer for each material and one for the
 * nipples of sediment traps; the mark of each leg as text at its middle. x right, y back, z up, from the
 * source. A leg whose length is not known has no line and is named in `missing`.
 */
export function writeRunDxf(
  layout: RunLayout,
  unit: LengthUnit,
): { text: string; missing: readonly number[] } {
  const writer = new DxfWriter();
  writer.setUnits(unit === 'in' ? Units.Inches : Units.Millimeters);
  for (const material of MATERIALS) writer.addLayer(material, getTraits(material).colour, 'CONTINUOUS');
  writer.addLayer(MARKS_LAYER, 8, 'CONTINUOUS');
  writer.addLayer(TRAPS_LAYER, 3, 'CONTINUOUS');
  const traps = new Set(listDrops(layout).flatMap(({ trap }) => (trap ? [trap.nipple.leg.id] : [])));
  const scale = unit === 'in' ? INCH : MILLIMETRE;
  const point = ({ x, y, z }: Vector) => point3d(x / scale, y / scale, z / scale);
  const letter = unit === 'in' ? 2 : 50;
  const missing: number[] = [];
  for (const { leg, near, far, centreToCentre } of layout.legs.values()) {
    const [from, to] = [layout.nodes.get(near)!.position, layout.nodes.get(far)!.position];
    if (centreToCentre === null) {
      missing.push(leg.tag);
      continue;
    }
    writer.addLine(point(from), point(to), { layerName: traps.has(leg.id) ? TRAPS_LAYER : leg.material });
    const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2, z: (from.z + to.z) / 2 };
    writer.addText(point(middle), letter, String(leg.tag), { layerName: MARKS_LAYER });
  }
  return { text: writer.stringify(), missing };
}
