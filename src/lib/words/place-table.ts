import { resolveRules, JURISDICTIONS, type Jurisdiction, RULE_PACKS } from '#core/house-rules';
import {
  PASSAGES,
  mayPass,
  type PermitRuling,
  type Permission,
  mayJoin,
  mayRun,
  mayStand,
  PLACED_JOINTS,
  PLACED_MATERIALS,
  ZONES,
  type ZoneId,
} from '#core/permissions';
import { PLACED_PARTS } from '#core/catalogue';
import { PASSAGE_NAMES } from './ground-findings.ts';
import {
  namePlacedJoint,
  namePlacedPart,
  namePlacedPipe,
  PERMIT_CONDITION_NAMES,
  PERMIT_REASON_NAMES,
  sayJurisdiction,
  ZONE_NAMES,
} from './places.ts';

const CONDITIONS = Object.keys(PERMIT_CONDITION_NAMES);
const REASONS = Object.keys(PERMIT_REASON_NAMES);

/** A cell: a word, with the numbers of its conditions or the letter of its reason. */
function sayCell({ permit, conditions, reason }: PermitRuling): string {
  if (permit === 'if') return `if ${conditions.map((each) => CONDITIONS.indexOf(each) + 1).join(', ')}`;
  const letter = reason ? ` ${String.fromCharCode(97 + REASONS.indexOf(reason))}` : '';
  return `${permit === 'forbidden' ? 'no' : permit === 'allowed' ? 'yes' : 'ask'}${letter}`;
}

const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;

function writeTable<What>(
  names: readonly (readonly [What, string])[],
  answer: (what: What, zone: ZoneId) => Permission,
): string[] {
  return [
    row(['', ...ZONES.map((zone) => ZONE_NAMES[zone].name)]),
    row(['---', ...ZONES.map(() => '---')]),
    ...names.map(([what, name]) => row([name, ...ZONES.map((zone) => sayCell(answer(what, zone)))])),
  ];
}

/** Floors and walls that are passed, by what passes them. */
const writePassages = (jurisdiction: Jurisdiction): string[] => [
  row(['', ...PASSAGES.map((kind) => PASSAGE_NAMES[kind].name)]),
  row(['---', ...PASSAGES.map(() => '---')]),
  ...([...PLACED_MATERIALS, 'connector'] as const).map((what) =>
    row([
      what === 'connector' ? namePlacedPart(what) : namePlacedPipe(what),
      ...PASSAGES.map((kind) => sayCell(mayPass({ what, kind, jurisdiction }))),
    ]),
  ),
];

function writePack(jurisdiction: Jurisdiction): string[] {
  const rules = resolveRules(RULE_PACKS[jurisdiction]);
  return [
    `## ${sayJurisdiction(jurisdiction)}`,
    '',
    ...writeTable(
      PLACED_MATERIALS.map((what) => [what, namePlacedPipe(what)] as const),
      (what, zone) => mayRun({ what, zone, jurisdiction, rules }),
    ),
    '',
    ...writeTable(
      PLACED_JOINTS.map((what) => [what, namePlacedJoint(what)] as const),
      (what, zone) => mayJoin({ what, zone, jurisdiction, rules }),
    ),
    '',
    ...writeTable(
      PLACED_PARTS.map((what) => [what, namePlacedPart(what)] as const),
      (what, zone) => mayStand({ what, zone, jurisdiction, rules }),
    ),
    '',
    ...writePassages(jurisdiction),
    '',
  ];
}

/** The page of every pipe and every joint in every place, jurisdiction by jurisdiction. A pipe with its joints may be where both may. */
export const writePlaceTable = (): string =>
  [
    '# Where each may run',
    '',
    'Written by `npm run matrix` from the rules in `src/lib/core/permissions/`. Typical practice: the local code in the edition in force, the maker’s',
    'sheet and the inspector go before it. What is not said here is asked. House rules stand as the jurisdiction begins with them, and have their say',
    'here; “concealed joints” is forbidden. A pipe with its joints and its parts may be where all of them may be: pipe first, then joints, then parts. What',
    'is passed through, a floor or a wall, has a table of its own. Where no rules are chosen yet the strictest of all answer.',
    '',
    '**Yes**: nothing is asked. **If**: only if all of these are so:',
    '',
    ...Object.values(PERMIT_CONDITION_NAMES).map((name, i) => `${i + 1}. ${name}`),
    '',
    '**Ask** and **no**, because:',
    '',
    ...Object.values(PERMIT_REASON_NAMES).map((name, i) => `- ${String.fromCharCode(97 + i)}: ${name}`),
    '',
    ...JURISDICTIONS.flatMap(writePack),
  ].join('\n');
