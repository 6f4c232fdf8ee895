import type { Vector } from '#core/geometry';
import { APPLIANCE_KINDS, MODEL_TRAP_KINDS } from '#core/catalogue';
import { judgeTee, listTeeUses, looksDown, TEE_VERDICTS, type TeeUse, TRAP_RULES } from '#core/traps';
import { APPLIANCE_KIND_NAMES } from './appliances.ts';
import { SEVERITY_NAMES } from './findings.ts';
import { TEE_VERDICT_NAMES, TRAP_NAMES } from './traps.ts';

const sayWay = ({ x, y, z }: Vector): string =>
  z > 0 ? 'up' : z < 0 ? 'down' : x > 0 ? 'right' : x < 0 ? 'left' : y > 0 ? 'back' : 'out';

const sayPort = ({ port, way }: TeeUse['inlet']): string =>
  `${port === 'branch' ? 'branch' : 'run'}, ${sayWay(way)}`;

/** What else is to be said of a tee that is piped so. */
function sayFurther(use: TeeUse): string {
  const verdict = judgeTee(use);
  const said = [
    verdict === 'straight-through' && looksDown(use.cap.way) ? 'the nipple hangs, and catches nothing' : null,
    looksDown(use.inlet.way) ? 'the supply rises into it' : null,
  ];
  return said.filter((each) => each !== null).join('; ');
}

const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
const table = (head: readonly string[], rows: readonly (readonly string[])[]): string =>
  [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');

/** All ways to pipe a tee, and what becomes of grit in each, as a page to read: from the same rules that judge a run. */
export function writeTrapTable(): string {
  const uses = listTeeUses();
  const counts = TEE_VERDICTS.map((verdict) => [
    TEE_VERDICT_NAMES[verdict],
    String(uses.filter((use) => judgeTee(use) === verdict).length),
  ]);
  const ordered = TEE_VERDICTS.flatMap((verdict) => uses.filter((use) => judgeTee(use) === verdict));
  return `${[
    '# Sediment traps: every way to pipe a tee',
    'Written by `npm run matrix` from `core/traps/`; a test holds it to the rules. A trap works only because the gas turns: it comes down into the run of the tee, the capped nipple hangs straight on below, and the gas leaves sideways by the branch. What counts is which port is which, never how it looks. A verdict is of the tee alone: what stands before and after it has rules of its own, and local code and the maker’s sheet go before all of them.',
    table(['verdict', 'of 72'], counts),
    table(
      ['gas comes in by', 'goes out by', 'the nipple is at', 'verdict', 'further'],
      ordered.map((use) => [
        sayPort(use.inlet),
        sayPort(use.outlet),
        sayPort(use.cap),
        `**${TEE_VERDICT_NAMES[judgeTee(use)]}**`,
        sayFurther(use),
      ]),
    ),
    '## The rules about a trap that is there, the worst first',
    table(
      ['rule', 'said as'],
      TRAP_RULES.map(({ code, severity }) => [TRAP_NAMES[code], SEVERITY_NAMES[severity]]),
    ),
    '## Who gets one, by the model list',
    'Typical for the model fuel-gas codes of North America; the Canadian code asks for 3 in of nipple at least. British and Australian packs ask for none unless the shop turns it on. Confirm with the local code.',
    table(
      ['appliance', 'a trap'],
      APPLIANCE_KINDS.map((kind) => [
        APPLIANCE_KIND_NAMES[kind],
        MODEL_TRAP_KINDS.includes(kind) ? 'asked for' : 'commonly exempt',
      ]),
    ),
  ].join('\n\n')}\n`;
}
