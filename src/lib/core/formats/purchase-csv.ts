import { readTaperEnd } from '#core/catalogue';
import { getEndSize, getThreadId } from '#core/ends';
import type { CutSheet } from '#core/cutting';
import { listTrenches } from '#core/ground';
import { type Jurisdiction, STOCK_LENGTHS, type HouseRules } from '#core/house-rules';
import type { RunLayout } from '#core/runs/layout';
import { countSupports, type SupportTotal } from '#core/supports';
import { FOOT, toInches, toMillimetres, type Length } from '#core/units';
import type { SheetVersions } from './cut-sheet-csv.ts';

/** What is bought beside pipe and fittings: supports, and what is laid along a trench. Lengths in nm. */
export interface BesidePipe {
  readonly supports: readonly SupportTotal[];
  readonly laid: readonly { readonly what: 'tracer wire' | 'warning tape'; readonly length: Length }[];
}
const NOTHING_BESIDE: BesidePipe = { supports: [], laid: [] };

/** What a run wants beside pipe and fittings, under the rules of its place. */
export function listBesidePipe(layout: RunLayout, jurisdiction: Jurisdiction): BesidePipe {
  const trenches = listTrenches(layout);
  const sum = (of: 'wire' | 'tape'): Length => trenches.reduce((all, trench) => all + (trench[of] ?? 0), 0);
  const laid = [
    { what: 'tracer wire', length: sum('wire') },
    { what: 'warning tape', length: sum('tape') },
  ] as const;
  return {
    supports: countSupports(layout, jurisdiction),
    laid: laid.filter(({ length }) => length > 0),
  };
}

/**
 * What to buy, as a table, headings first, units in the headings: pipe by stock lengths, nipples, fittings. Whoever writes
 * the file quotes it by RFC 4180. A part whose length is typical or unknown says so: measure it before cutting.
 */
export function makePurchaseTable(
  sheet: CutSheet,
  rules: HouseRules,
  versions: SheetVersions,
  beside: BesidePipe = NOTHING_BESIDE,
): string[][] {
  const tail = [versions.run, versions.revision, versions.app, versions.catalogue, versions.rulePack].map(
    String,
  );
  const stock = STOCK_LENGTHS[rules['stock-length'].option];
  const headings = [
    'kind', 'size', 'what', 'count (pieces)', 'length each (in)', 'length each (mm)', 'in all (ft)', 'note',
    'run', 'revision', 'app', 'catalogue', 'house rules',
  ]; // prettier-ignore
  const pipes = sheet.sizes.map(({ size, material, stockAtLeast, length, kerf, unknown }) => [
    // Tube from a coil is asked for by its length.
    ...(stockAtLeast === null
      ? ['tube', size, material, '', '', '']
      : ['pipe', size, material, String(stockAtLeast), ...writeLength(stock)]),
    ((length + kerf) / FOOT).toFixed(2),
    `${stockAtLeast === null ? 'from a coil, slack and what is trimmed with it' : 'at least; how the cuts fall may take more'}${unknown > 0 ? `; ${unknown} cuts not known` : ''}`,
    ...tail,
  ]);
  const nipples = sheet.nipples.map(({ size, length, count }) => [
    ...['nipple', size, 'threaded both ends', String(count), ...writeLength(length), '', ''],
    ...tail,
  ]);
  const fittings = sheet.fittings.map(({ part, size, kind, count }) => {
    const sizes = part.ports.map(({ end }) => getEndSize(end));
    const isReducing = new Set(sizes).size > 1;
    const standings = new Set(part.ports.map(({ reach }) => reach.standing));
    const note =
      standings.has('unknown') || standings.has('typical') ? 'measure this part before cutting' : '';
    const taper = part.ports.map(({ end }) => readTaperEnd(end)).find((each) => each !== null);
    const threads = taper ? `${taper.system} thread${part.join === null ? 's' : ''}` : '';
    const what = [
      `${part.material} ${part.join === null ? '' : `${part.join} `}${kind}`,
      ...(threads ? [threads] : []),
    ].join(', ');
    return [
      ...['fitting', isReducing ? sizes.join(' x ') : size, what, String(count), '', '', '', note],
      ...tail,
    ];
  });
  const connectors = sheet.connectors.map(({ ends, length, count }) => [
    ...[
      'connector',
      ends.map(({ size }) => size).join(' x '),
      `flexible, ${ends.map(getThreadId).join(' and ')}`,
    ],
    ...[String(count), ...(length === null ? ['', ''] : writeLength(length)), '', 'new, never used before'],
    ...tail,
  ]);
  const supports = beside.supports.map(({ size, material, isClip, count }) => [
    ...[
      'support',
      size,
      `${isClip ? 'clip' : 'support'} for ${material}`,
      String(count),
      '',
      '',
      '',
      'as many as are known; floors and ends of drops by eye',
    ],
    ...tail,
  ]);
  const laid = beside.laid.map(({ what, length }) => [
    ...['by the length', '', what, '', '', '', (length / FOOT).toFixed(2), ''],
    ...tail,
  ]);
  return [headings, ...pipes, ...nipples, ...fittings, ...connectors, ...supports, ...laid];
}

const writeLength = (length: Length): [string, string] => [
  String(Number(toInches(length).toFixed(4))),
  toMillimetres(length).toFixed(1),
];
