import { UNKNOWN_END, type Gender, NOMINAL_SIZES, THREAD_FAMILIES, type ThreadFamily } from '#core/ends';
import {
  type Catalogue,
  type ListedThread,
  type ThreadList,
  type TubeList,
  type FiguredEnd,
  listSockets,
  listTubeEnds,
  listFlanges,
  listUnionHalves,
  makeThreadEnd,
  listSeats,
} from '#core/catalogue';
import {
  checkJoint,
  PAIR_RULES,
  type PairRuleId,
  VERDICTS,
  type PairVerdictKind,
  type PairVerdict,
} from '#core/joints';
import { sayNumber } from './length-text.ts';
import { CAUSE_WORDS, CONDITION_WORDS, PAIR_RULE_NAMES, saySeat, VERDICT_NAMES } from './pair-verdicts.ts';

/** In a cell of a table: a word, never a sign alone. */
const CELLS: Readonly<Record<PairVerdictKind, string>> = {
  makes: '**makes**',
  'makes-only-if': 'if …',
  'never-seals': '**NEVER**',
  'does-not-start': 'no start',
  ask: 'ask',
};

const sayCell = ({ verdict, turns }: PairVerdict): string =>
  verdict === 'never-seals' && turns !== null
    ? `${CELLS[verdict]}, ${turns < 1 ? 'may start' : `${sayNumber(turns, 0)} t`}`
    : CELLS[verdict];

const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
const table = (head: readonly string[], rows: readonly (readonly string[])[]): string =>
  [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');

/** The matrix of joints as a page to read, from the same rules that judge a run. */
export function writeJointMatrix(list: ThreadList, tubeList: TubeList, catalogue: Catalogue): string {
  return `${[
    '# What joins what',
    'Written by `npm run matrix` from `core/joints/`; a test holds it to the rules. Rows are males, columns females. **NEVER**: it looks as if it makes and never seals; with it, about how many turns it goes in before it binds, by basic pitch diameters and half of what a straight male may be under them. Real parts vary by a turn and more. A verdict is about the two ends only: local code and the maker’s sheet go before it.',
    '## Families, each at about half an inch, with its own seat',
    writeFamilies(list),
    '## American with British, by size and by which is the male',
    writeSystems(list),
    '## The swivel and its seats: 1/2 in',
    writeSeats(list),
    '## Tube',
    writeTubes(tubeList, catalogue),
    '## Rules',
    writeRules(list, tubeList, catalogue),
    '## Conditions and causes in words',
    [
      ...Object.values(CONDITION_WORDS).map((said) => `- only if ${said}`),
      ...Object.values(CAUSE_WORDS).map((said) => `- ${said}`),
    ].join('\n'),
  ].join('\n\n')}\n`;
}

/** One thread of a family at about half an inch. */
function findHalfInch(list: ThreadList, family: ThreadFamily, gender: Gender): ListedThread | null {
  const all = list.threads.filter((each) => each.family === family && each.gender === gender);
  const isHalf = ({ size }: ListedThread) => /^(1\/2$|1\/2 |15 mm|M20|-8 |1\/2-)/.test(size);
  return all.find(isHalf) ?? all[0] ?? null;
}

function writeFamilies(list: ThreadList): string {
  const pick = (gender: Gender) =>
    THREAD_FAMILIES.flatMap((family) => findHalfInch(list, family, gender) ?? []);
  const [males, females] = [pick('male'), pick('female')];
  const head = ['male ＼ female', ...females.map(({ family, designation }) => `${family} (${designation})`)];
  return table(
    head,
    males.map((male) => [
      `${male.family} (${male.designation})`,
      ...females.map((female) => sayCell(checkJoint(makeThreadEnd(male), makeThreadEnd(female)))),
    ]),
  );
}

function writeSystems(list: ThreadList): string {
  const PAIRS = [
    ['r', 'npt'],
    ['r', 'npsm'],
    ['g', 'npt'],
    ['npt', 'rc'],
    ['npt', 'rp'],
    ['npt', 'g'],
    ['npsm', 'g'],
  ] as const;
  const head = ['size', ...PAIRS.map(([male, female]) => `${male} male in ${female}`)];
  const rows = NOMINAL_SIZES.map((size) => [
    size,
    ...PAIRS.map(([m, f]) => {
      const male = list.findThread(`${m}-${size}-male`);
      const female = list.findThread(`${f}-${size}-female`);
      return male && female ? sayCell(checkJoint(makeThreadEnd(male), makeThreadEnd(female))) : 'not made';
    }),
  ]);
  return table(head, rows);
}

function writeSeats(list: ThreadList): string {
  const [npt, npsm, swivel] = ['npt-1/2-male', 'npsm-1/2-male', 'npsm-1/2-female'].map((id) =>
    list.findThread(id)!,
  ) as [ListedThread, ListedThread, ListedThread];
  const head = ['male ＼ swivel', ...listSeats(swivel).map(saySeat)];
  const rows = [npt, npsm].flatMap((male) =>
    listSeats(male).map((seat) => [
      `${male.designation}, ${saySeat(seat)}`,
      ...listSeats(swivel).map((other) =>
        sayCell(checkJoint(makeThreadEnd(male, { seat }), makeThreadEnd(swivel, { seat: other }))),
      ),
    ]),
  );
  return table(head, rows);
}

function writeTubes(tubeList: TubeList, catalogue: Catalogue): string {
  const tubes = listTubeEnds(tubeList, catalogue.pipes);
  const pe = tubes.filter(({ tube }) => tube === 'polyethylene').slice(0, 12);
  const stabs = listSockets(pe);
  const head = ['polyethylene ＼ stab coupling', ...stabs.map(({ name }) => name)];
  const rows = pe.map((tube) => [tube.name, ...stabs.map((socket) => sayCell(checkJoint(tube, socket)))]);
  return table(head, rows);
}

/** Every rule with what it is about and how many pairs of ends, each with its own seat, it decides. */
function writeRules(list: ThreadList, tubeList: TubeList, catalogue: Catalogue): string {
  const tubes = listTubeEnds(tubeList, catalogue.pipes);
  const ends: FiguredEnd[] = [
    ...list.threads.map((thread) => makeThreadEnd(thread)),
    ...tubes,
    ...listSockets(tubes),
    ...listFlanges(),
    ...listUnionHalves(),
    UNKNOWN_END,
  ];
  const counts = new Map<PairRuleId, Map<PairVerdictKind, number>>();
  for (const [i, a] of ends.entries()) {
    for (const b of ends.slice(i)) {
      const { rule, verdict } = checkJoint(a, b);
      const of = counts.get(rule) ?? new Map<PairVerdictKind, number>();
      counts.set(rule, of.set(verdict, (of.get(verdict) ?? 0) + 1));
    }
  }
  return table(
    ['rule', 'about', ...VERDICTS.map((verdict) => VERDICT_NAMES[verdict])],
    PAIR_RULES.map(({ id }) => [
      `\`${id}\``,
      PAIR_RULE_NAMES[id],
      ...VERDICTS.map((verdict) => String(counts.get(id)?.get(verdict) ?? '')),
    ]),
  );
}
