import {
  PART_KINDS,
  type BoughtKind,
  MATERIALS,
  type Material,
  type Catalogue,
  SHEET_JOINS,
  type TubeJoin,
} from '#core/catalogue';
import { isWay } from '#core/geometry';
import { HOUSE_RULES } from '#core/house-rules';
import type { Collection } from '#core/runs/document';
import type { CommandName, Op, PlannedChange } from '#core/runs/changes';
import type { Json } from '#core/outcome';
import type { LengthUnit } from '#core/units';
import { sayChange } from './changes.ts';
import { getRuleTitle } from './house-rules.ts';
import { sayTyped } from './length-text.ts';
import { nameSheetJoin } from './makers.ts';
import { MATERIAL_NAMES, namePart, namePartKind } from './parts.ts';
import { sayWay } from './ways.ts';

type Say = (ops: readonly Op[], unit: LengthUnit, catalogue: Catalogue) => readonly (string | null)[];

/** A field of a value as it came in a change, which may be of an older version of the document. */
const read = (value: Json | null, field: string): Json | null =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? ((value as Readonly<Record<string, Json>>)[field] ?? null)
    : null;
const isText = (value: Json | null): value is string => typeof value === 'string';

/** What was put in or taken out whole. */
const findWhole = (ops: readonly Op[], where: Collection): Json[] =>
  ops.flatMap((op) => {
    if (op.in !== where) return [];
    return op.op === 'insert' ? [op.value] : op.op === 'remove' ? [op.old] : [];
  });
/** What a field was before and is after. */
const findSet = (ops: readonly Op[], where: Collection, field: string): { old: Json; value: Json }[] =>
  ops.flatMap((op) => (op.op === 'set' && op.in === where && op.field === field ? [op] : []));

/** A length is never broken over two lines: its fraction alone would be another length. */
const keepWhole = (length: string): string => length.replaceAll(' ', '\u00a0');
const sayIfLength = (value: Json | null, unit: LengthUnit): string | null =>
  typeof value === 'number' ? keepWhole(sayTyped(value, unit)) : null;

const sayInstead = (is: string | null, was: string | null): string | null =>
  is !== null && was !== null ? `${is} instead of ${was}` : is;

const sayMeasures: Say = (ops, unit) => [
  ...findWhole(ops, 'measures').map((measure) => sayIfLength(read(measure, 'value'), unit)),
  ...findSet(ops, 'measures', 'value').map(({ old, value }) =>
    sayInstead(sayIfLength(value, unit), sayIfLength(old, unit)),
  ),
];

function sayGeometry(geometry: Json | null): string | null {
  const kind = read(geometry, 'kind');
  if (kind === 'offset') return 'an offset';
  const axis = read(geometry, 'axis');
  if (!isText(axis) || !isWay(axis)) return null;
  if (kind === 'connector') return `a flexible connector ${sayWay(axis)}`;
  return kind === 'made-up' ? `${sayWay(axis)}, fitting straight into fitting` : sayWay(axis);
}

/** Legs that were put in; a measure that was not taken from a leg's own end is said to be from the datum. */
const sayNewLegs: Say = (ops, unit) => {
  const legs = findWhole(ops, 'legs');
  const isFromOwnEnd = (measure: Json): boolean => {
    const from = read(read(measure, 'from'), 'id');
    return legs.some((leg) => from === read(leg, 'from') || from === read(leg, 'to'));
  };
  return [
    ...legs.map((leg) => sayGeometry(read(leg, 'geometry'))),
    ...findWhole(ops, 'measures').map((measure) => {
      const said = sayIfLength(read(measure, 'value'), unit);
      return said === null || isFromOwnEnd(measure) ? said : `${said} from the datum`;
    }),
  ];
};

const isMaterial = (value: Json): value is Material => MATERIALS.some((each) => each === value);
const sayMakes: Say = (ops) => {
  const sizes = findSet(ops, 'specs', 'size').map(({ old, value }) =>
    sayInstead(isText(value) ? value : null, isText(old) ? old : null),
  );
  const materials = findSet(ops, 'specs', 'material').map(({ value }) =>
    isMaterial(value) ? MATERIAL_NAMES[value] : null,
  );
  const others = findWhole(ops, 'specs').map((spec) => {
    const [material, size] = [read(spec, 'material'), read(spec, 'size')];
    return material !== null && isMaterial(material)
      ? `${isText(size) ? `${size} ` : ''}${MATERIAL_NAMES[material]}`
      : null;
  });
  return [...new Set([...sizes, ...materials, ...others])];
};

const sayKind = (value: Json | null): string | null =>
  isText(value) && PART_KINDS.some((kind) => kind === value) ? namePartKind(value as BoughtKind) : null;

/** The parts that were put into legs, or taken out. */
const sayInline: Say = (ops) => findWhole(ops, 'parts').map((part) => sayKind(read(part, 'part')));

const sayChosen: Say = (ops) =>
  findSet(ops, 'nodes', 'part').map(({ value }) => sayKind(read(value, 'part')) ?? 'the usual one');

const TERMINAL_NAMES: Readonly<Partial<Record<string, string>>> = {
  open: 'a bare end',
  cap: 'a cap',
  plug: 'a plug',
  existing: 'what was found in place',
};
const sayTerminals: Say = (ops) =>
  findSet(ops, 'nodes', 'terminal').map(({ value }) => {
    const [kind, name] = [read(value, 'kind'), read(value, 'name')];
    if (value === null) return 'nothing said';
    return kind === 'appliance' && isText(name) ? name : isText(kind) ? (TERMINAL_NAMES[kind] ?? null) : null;
  });

const sayOwnParts: Say = (ops, _, catalogue) => {
  const replaced = ops.flatMap((op) => (op.op === 'replace' && op.in === 'ownParts' ? [op.value] : []));
  return [...findWhole(ops, 'ownParts'), ...replaced].map((own) => {
    const part = catalogue.findPartById(String(read(own, 'of')));
    const typed = read(own, 'typed');
    return part ? `${namePart(part)}${isText(typed) ? `, ${keepWhole(typed)}` : ''}` : null;
  });
};

/** Whose parts are used, and whose were: by what was put in or taken out, and by what stands in place of what. */
const sayMakers: Say = (ops) => {
  const changed = ops.flatMap((op) => {
    if (op.in !== 'makers') return [];
    return [
      {
        is: op.op === 'insert' || op.op === 'replace' ? op.value : null,
        was: op.op === 'remove' || op.op === 'replace' ? op.old : null,
      },
    ];
  });
  return changed.map(({ is, was }) => {
    const [join, maker, before] = [read(is ?? was, 'join'), read(is, 'maker'), read(was, 'maker')];
    if (!SHEET_JOINS.some((each) => each === join)) return null;
    const name = nameSheetJoin(join as TubeJoin);
    return `${name}: ${sayInstead(isText(maker) ? maker : 'nobody said', isText(before) ? before : null)}`;
  });
};

const sayRules: Say = (ops) =>
  ops.map(({ in: where, id }) => {
    const rule = where === 'ruleChoices' ? HOUSE_RULES.find((each) => each.id === id) : undefined;
    return rule ? getRuleTitle(rule.id).toLowerCase() : null;
  });

const SAYS: Readonly<Partial<Record<CommandName, Say>>> = {
  'add-leg': sayNewLegs,
  'insert-leg': sayNewLegs,
  'change-measure': sayMeasures,
  'add-measure': sayMeasures,
  'remove-measure': sayMeasures,
  'resize-legs': sayMakes,
  'put-part': (...said) => [...sayInline(...said), ...sayMeasures(...said)],
  'take-out-part': sayInline,
  'choose-part': sayChosen,
  'set-bend': (ops, unit) =>
    findSet(ops, 'nodes', 'part').map(
      ({ value }) => sayIfLength(read(value, 'radius'), unit) ?? 'as the house bends it',
    ),
  'close-end': sayTerminals,
  'measure-part': sayOwnParts,
  'use-maker': sayMakers,
  'choose-rule': sayRules,
};

/** What a change was about, out of its operations: `8 ft 11 in instead of 6 ft 4 in`. Nothing where its name says it all. */
export const sayDetails = ({ label, ops }: PlannedChange, unit: LengthUnit, catalogue: Catalogue): string =>
  (SAYS[label.command]?.(ops, unit, catalogue) ?? []).filter((said) => said !== null).join(', ');

/** What a whole change did, with its figures: those are in its operations. */
export function sayWholeChange(planned: PlannedChange, unit: LengthUnit, catalogue: Catalogue): string {
  const details = sayDetails(planned, unit, catalogue);
  return details ? `${sayChange(planned.label)}: ${details}` : sayChange(planned.label);
}
