import { getZoneOf } from '#core/runs/document';
import { judgePassages } from '#core/checks';
import { listFusionSheets, listTrenches } from '#core/ground';
import type { Jurisdiction } from '#core/house-rules';
import { ZONES } from '#core/permissions';
import type { RunLayout } from '#core/runs/layout';
import { listBondings, countSupports, listSupports } from '#core/supports';
import type { LengthUnit } from '#core/units';
import { listFusionSteps, listTrenchLengths, namePoint, sayFall, sayRiser, saySqueeze } from './ground.ts';
import { GUARD_NAMES, PASSAGE_NAMES } from './ground-findings.ts';
import { sayLength } from './length-text.ts';
import { MATERIAL_NAMES } from './parts.ts';
import { sayJurisdiction, sayPermit, ZONE_NAMES } from './places.ts';
import { sayBonding, saySupports } from './supports.ts';

/** A heading and its lines, as they stand on paper. */
export interface PlaceLines {
  readonly title: string;
  readonly lines: readonly string[];
}

/** Where a run goes, what it passes, what holds it and how it lies in the ground, on paper; what has nothing to say is left out. */
export function listPlaceLines(
  layout: RunLayout,
  jurisdiction: Jurisdiction,
  unit: LengthUnit,
): readonly PlaceLines[] {
  const all: readonly PlaceLines[] = [
    { title: 'Where it runs', lines: sayZones(layout, jurisdiction) },
    {
      title: 'Floors and walls',
      lines: judgePassages(layout, jurisdiction).map(
        ({ passage, laid, ruling }) =>
          `Leg ${laid.leg.tag} through ${PASSAGE_NAMES[passage.kind].through}, edge: ${passage.guard === null ? 'not said' : GUARD_NAMES[passage.guard]}. ${sayPermit(ruling)}.`,
      ),
    },
    { title: 'Supports', lines: saySupportLines(layout, jurisdiction, unit) },
    { title: 'In the ground', lines: sayGround(layout, unit) },
  ];
  return all.filter(({ lines }) => lines.length > 0);
}

function sayZones(layout: RunLayout, jurisdiction: Jurisdiction): string[] {
  const said = ZONES.flatMap((zone) => {
    const tags = [...layout.legs.values()]
      .filter(({ leg }) => getZoneOf(layout, leg) === zone)
      .map(({ leg }) => leg.tag);
    return tags.length === 0 ? [] : [`${ZONE_NAMES[zone].name}: ${tags.sort((a, b) => a - b).join(', ')}`];
  });
  return said.length === 0 ? [] : [`By leg (${sayJurisdiction(jurisdiction)}): ${said.join('; ')}.`];
}

function saySupportLines(layout: RunLayout, jurisdiction: Jurisdiction, unit: LengthUnit): string[] {
  const totals = countSupports(layout, jurisdiction).map(
    ({ size, material, isClip, count }) =>
      `${count} for ${size} ${MATERIAL_NAMES[material]}${isClip ? ' (clips)' : ''}`,
  );
  const legs = listSupports(layout, jurisdiction).map(
    (each) => `leg ${each.laid.leg.tag}: ${saySupports(each, unit)}`,
  );
  return [
    ...(totals.length === 0 ? [] : [`${totals.join('; ')}.`]),
    ...(legs.length === 0 ? [] : [`From the end nearer the source, ${legs.join('; ')}.`]),
    ...listBondings(layout, jurisdiction).map((bonding) => sayBonding(bonding, unit)),
  ];
}

function sayGround(layout: RunLayout, unit: LengthUnit): string[] {
  const trenches = listTrenches(layout).flatMap((trench) => [
    `${listTrenchLengths(trench, unit)
      .map(([name, says]) => `${name} ${says}`)
      .join('; ')}.`,
    ...trench.points.map((point) => {
      const deep = point.cover === null ? 'cover not said' : `cover ${sayLength(point.cover, unit)}`;
      return `${namePoint(trench, point)}: ${point.riser ? sayRiser(point, unit) : `${deep}.`}`;
    }),
    saySqueeze(trench.outside, unit),
    ...trench.legs.map(
      (each) => `Leg ${each.laid.leg.tag}: bearing ${each.bearing}°; ${sayFall(each, unit)}.`,
    ),
  ]);
  const sheets = listFusionSheets(layout).flatMap((sheet) => [
    `Butt fusion of ${sheet.size}, ${sheet.joints.length} ${sheet.joints.length === 1 ? 'joint' : 'joints'}; the maker’s procedure goes before it:`,
    ...listFusionSteps(sheet, unit).map(([name, says], i) => `${i + 1}. ${name}: ${says}.`),
  ]);
  return [...trenches, ...sheets];
}
