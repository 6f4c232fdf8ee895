import type { Axis } from '#core/geometry';
import { findArriving, nameRef } from '#core/runs/reading';
import type { LegSize } from '#core/ends';
import { type Length, isBeyondHope } from '#core/units';
import { sayTyped } from '#words/length-text.ts';
import { MATERIAL_NAMES, nameFitting } from '#words/parts.ts';
import type { Material } from '#core/catalogue';
import { FIRST_MATERIAL, getCraftOf } from '#core/materials';
import { REF_POINT_NAMES, sayAt, sayRef } from '#words/refs.ts';
import { sayRefusal } from '#words/refusals.ts';
import { sayWay } from '#words/ways.ts';
import type { LegEntry } from './leg-entry.svelte.ts';

/** What the entry says around the field, in words ready to be shown. */
export interface EntryWords {
  readonly title: string;
  readonly growsFrom: string;
  /** The leg that is measured again; null while the run grows. */
  readonly selected: {
    readonly tag: number;
    readonly follows: 'offset' | 'parts' | 'connector' | null;
  } | null;
  readonly size: LegSize;
  readonly material: Material;
  /** The sizes that material is laid in. */
  readonly sizes: readonly LegSize[];
  readonly isTube: boolean;
  readonly taken: readonly Axis[];
  /** From which point to which the next measure is taken. */
  readonly measured: string;
  readonly isPlainMeasure: boolean;
  /** What the button does, up to the length it does it with. */
  readonly does: string;
  readonly length: Length | null;
  /** How the measure was read. */
  readonly says: string;
  /** What is wrong with the measure, once it cannot become right. */
  readonly wrong: string;
}

export function describeEntry(entry: LegEntry): EntryWords {
  const { reading, selected, kind } = entry;
  const measured = sayMeasured(entry);
  const hasLength = reading?.ok && (selected !== null || kind === 'pipe' || kind === 'route');
  const geometry = selected?.leg.geometry.kind;
  return {
    title: entry.inserting ? 'Leg in between' : isEmpty(entry) ? 'First leg' : 'Next leg',
    growsFrom: sayGrowsFrom(entry),
    selected: selected && {
      tag: selected.leg.tag,
      follows:
        geometry === 'axis' || geometry === 'route'
          ? null
          : geometry === 'offset' || geometry === 'connector'
            ? geometry
            : 'parts',
    },
    size: entry.size,
    material: entry.material,
    sizes: listSizes(entry),
    isTube: entry.isTube,
    taken: entry.taken,
    measured,
    isPlainMeasure: measured === 'centre to centre',
    does: sayDoes(entry),
    length: hasLength ? reading.value.length : null,
    says: reading?.ok ? `read as ${sayTyped(reading.value.length, entry.unit)}` : '',
    wrong:
      reading && !reading.ok && isBeyondHope(entry.typed, entry.unit)
        ? sayRefusal(reading.refusal, entry.unit)
        : '',
  };
}

/** Threaded pipe in the sizes the catalogue has figures for. */
const listSizes = ({ material, store }: LegEntry): readonly LegSize[] => {
  const craft = getCraftOf(material);
  return craft.screws ? store.catalogue.sizes : craft.listSizes(material);
};

const isEmpty = ({ layout }: LegEntry): boolean => layout?.legs.size === 0;

function sayGrowsFrom(entry: LegEntry): string {
  if (entry.inserting) {
    const before = entry.layout?.legs.get(entry.inserting);
    return `in between, at the far end of leg ${before?.leg.tag ?? '?'}`;
  }
  const node = entry.growingNode;
  const made = entry.material === FIRST_MATERIAL ? '' : `, ${MATERIAL_NAMES[entry.material]}`;
  if (!node || isEmpty(entry)) return `from the source${made}`;
  return `from the ${nameFitting(node.fitting)} ${sayAt(entry.layout ? findArriving(entry.layout, node) : null)}${made}`;
}

function sayMeasured({ datum, fromPoint, toPoint, layout, unit, kind }: LegEntry): string {
  if (kind === 'route') return 'along its way';
  const to = REF_POINT_NAMES[toPoint.at].name;
  if (!datum || !layout) return `${REF_POINT_NAMES[fromPoint.at].name} to ${to}`;
  const from = nameRef(layout, { kind: 'node', id: datum, ...fromPoint });
  return `from ${sayRef(from, unit)} to ${to}`;
}

function sayDoes(entry: LegEntry): string {
  const { reading, selected, axis, kind } = entry;
  if (selected) return `Measure leg ${selected.leg.tag} again${reading?.ok ? ': ' : ''}`;
  const verb = entry.inserting ? 'Put in' : 'Add';
  const way = axis ? sayWay(axis) : null;
  if (kind === 'offset') return entry.geometry ? `${verb} offset` : 'Say the ways and two figures';
  if (kind === 'connector') return way ? `${verb} connector: ${way}` : 'Pick the way it is led';
  if (kind === 'fitting') return way ? `${verb} fitting: ${way}` : 'Pick the way it looks';
  if (!way) return reading?.ok ? 'Pick a direction for ' : 'Pick a direction and type the measure';
  const what = kind === 'route' ? 'along its way' : 'leg';
  return reading?.ok ? `${verb} ${what}: ${way} ` : `${way}: type the measure`;
}
