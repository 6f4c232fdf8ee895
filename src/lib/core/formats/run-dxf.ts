import { getZoneOf, type Leg } from '#core/runs/document';
import { getMaterialTraits } from '#core/materials';
import { DxfWriter, point3d, Units } from '@tarikjabiri/dxf';
import { MATERIALS } from '#core/catalogue';
import { roundCorner } from '#core/bending';
import { addScaled, magnitude, subtract, type Vector } from '#core/geometry';
import { getPieces, type RunLayout } from '#core/runs/layout';
import { listDrops } from '#core/traps';
import { INCH, MILLIMETRE, type LengthUnit } from '#core/units';

export const MARKS_LAYER = 'marks';
export const TRAPS_LAYER = 'traps';
/** Where legs run, and how deep what is buried lies. */
export const PLACES_LAYER = 'places';

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
  for (const material of MATERIALS)
    writer.addLayer(material, getMaterialTraits(material).colour, 'CONTINUOUS');
  writer.addLayer(MARKS_LAYER, 8, 'CONTINUOUS');
  writer.addLayer(TRAPS_LAYER, 3, 'CONTINUOUS');
  writer.addLayer(PLACES_LAYER, 8, 'CONTINUOUS');
  const traps = new Set(listDrops(layout).flatMap(({ trap }) => (trap ? [trap.nipple.leg.id] : [])));
  const scale = unit === 'in' ? INCH : MILLIMETRE;
  const point = ({ x, y, z }: Vector) => point3d(x / scale, y / scale, z / scale);
  const letter = unit === 'in' ? 2 : 50;
  const missing: number[] = [];
  const bends = readBends(layout);
  /** Where a leg begins: at its node, or where the tube comes out of its bend there. */
  const trim = (node: string, other: string): Vector => {
    const from = layout.nodes.get(node)!.position;
    const by = bends.get(node)?.setback ?? 0;
    const along = subtract(layout.nodes.get(other)!.position, from);
    return addScaled(from, along, by / (magnitude(along) || 1));
  };
  for (const { leg, near, far, centreToCentre } of layout.legs.values()) {
    const [from, to] = [layout.nodes.get(near)!.position, layout.nodes.get(far)!.position];
    if (centreToCentre === null) {
      missing.push(leg.tag);
      continue;
    }
    const layerName = traps.has(leg.id) ? TRAPS_LAYER : leg.material;
    const [begins, ends] = [trim(near, far), trim(far, near)];
    writer.addLine(point(begins), point(ends), { layerName });
    const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2, z: (from.z + to.z) / 2 };
    writer.addText(point(middle), letter, String(leg.tag), { layerName: MARKS_LAYER });
    const zone = getZoneOf(layout, leg);
    if (zone)
      writer.addText(point({ ...middle, z: middle.z - 2 * letter * scale }), letter, zone, {
        layerName: PLACES_LAYER,
      });
  }
  for (const { id, cover } of Object.values(layout.doc.covers)) {
    const at = layout.nodes.get(id)?.position;
    if (at)
      writer.addText(
        point({ ...at, z: at.z - 2 * letter * scale }),
        letter,
        `cover ${Number((cover / scale).toFixed(3))}`,
        { layerName: PLACES_LAYER },
      );
  }
  for (const [node, { radius, legs }] of bends) {
    const corner = layout.nodes.get(node)!.position;
    const [a, b] = legs.map((leg) => getFar(layout, leg, node));
    if (a && b)
      writer.addPolyline3D(
        roundCorner(a, corner, b, radius, 8).map((at) => ({ point: point(at) })),
        { layerName: legs[0]!.material },
      );
  }
  return { text: writer.stringify(), missing };
}

/** Node → the bend of the tube there. */
function readBends(
  layout: RunLayout,
): ReadonlyMap<string, { readonly setback: number; readonly radius: number; readonly legs: readonly Leg[] }> {
  const found = new Map<string, { setback: number; radius: number; legs: readonly Leg[] }>();
  for (const { path, developed } of getPieces(layout))
    for (const [i, { node }] of (path?.turns ?? []).entries()) {
      const bend = developed?.bends[i];
      const fitting = layout.nodes.get(node)?.fitting;
      if (bend && fitting?.kind === 'bend')
        found.set(node, { setback: bend.setback, radius: bend.radius, legs: fitting.legs });
    }
  return found;
}

const getFar = ({ nodes }: RunLayout, { from, to }: Leg, node: string): Vector =>
  nodes.get(from === node ? to : from)!.position;
