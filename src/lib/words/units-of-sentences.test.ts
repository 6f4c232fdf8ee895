import { expect } from 'chai';
import { sayRefusal, type Refusal } from './refusals.ts';
import { planSayCover, planSayPrint } from '#core/runs/commands';
import {
  HOUSE_RULES,
  type RuleChoices,
  type RuleId,
  JURISDICTIONS,
  makeChoice,
  getOpeningChoices,
} from '#core/house-rules';
import type { RunDoc } from '#core/runs/document';
import { inches, MILLIMETRE, millimetres, type LengthUnit } from '#core/units';
import { applyPlan, getLeg, layOut, makeRun, mustBe } from '#support/make-run.ts';
import { makeTrapped } from '#support/make-trap.ts';
import { makeMixedRun } from '#support/random-run.ts';
import { sayRun } from '#support/run-sentences.ts';
import { sayTrapSource } from './build-in.ts';
import { getRuleWords, sayChoice } from './house-rules.ts';

const SEED = 14_004;
const RUNS = 120;

/** Sizes and threads keep their names, and what is bought by the inch; a wall of plastic pipe is no matter of a tape. */
const NAMES = [
  /nipple (?:\d+ )?(?:\d+\/\d+ |\d+ )?in\b/g,
  /\b\d+ mm (?=copper|coil|to be|tube)/g,
  /\b(?:6|8|10|12|15|18|22|28|35) mm\b(?= (?:nominal|outside))/g,
  /outside [\d.]+ (?:in|mm), wall [\d.]+ (?:in|mm) at the least/g,
  /(?:about )?[\d./]+ (?:to [\d.]+ )?(?:in|mm), all round; the bead/g,
  /a ring of [\d.]+ sq in/g,
];
const OTHER: Readonly<Record<LengthUnit, RegExp>> = {
  mm: /\d ?(?:in|ft|AWG|°F|psi|lb)\b|\d["″]|\b(?:inch|inches|foot|feet)\b/,
  in: /\d ?(?:mm|cm|m|°C|bar|kg)\b/,
};
/** Decimals that no tape has. */
const DECIMAL = /\d\.\d+ (?:in|ft|mm)\b/;

function findWrong(said: string, unit: LengthUnit): string | null {
  const bare = NAMES.reduce((text, name) => text.replace(name, '…'), said);
  return OTHER[unit].exec(bare)?.[0] ?? DECIMAL.exec(bare)?.[0] ?? null;
}

/** Measures as somebody with that tape would have read them. */
const readOn = (doc: RunDoc, unit: LengthUnit): RunDoc => ({
  ...doc,
  measures: Object.fromEntries(
    Object.entries(doc.measures).map(([id, measure]) => {
      const value =
        unit === 'in'
          ? measure.value
          : Math.max(MILLIMETRE, Math.round(measure.value / MILLIMETRE) * MILLIMETRE);
      return [id, { ...measure, value }];
    }),
  ),
});

/** Steel into the ground, plastic along, steel up; said as somebody with that tape says it. */
function makeBuried(
  unit: LengthUnit,
  choices: RuleChoices,
  cover: number,
  material: 'pe-stabbed' | 'pe-fused',
): RunDoc {
  const pipe = { material, size: '1 IPS SDR 11' } as const;
  let doc = makeRun(
    [
      [0, 'down', 20, { size: '1' }],
      [1, 'right', 744, pipe],
      [2, 'up', 24, { size: '1' }],
    ],
    '1',
    choices,
  );
  const length = (inch: number) => ({
    length: unit === 'in' ? inches(inch) : millimetres(inch * 25),
    typed: '',
  });
  doc = readOn(doc, unit);
  for (const node of [getLeg(doc, 2).from, getLeg(doc, 2).to]) {
    doc = applyPlan(doc, mustBe(planSayCover(doc, node, length(cover))));
    const text = '1 IPS SDR 11 PE2708 ASTM D2513 GAS';
    doc = applyPlan(doc, mustBe(planSayPrint(doc, node, { text, bury: length(36) })));
  }
  return doc;
}

for (const unit of ['in', 'mm'] as const)
  describe(`every sentence of a job in ${unit} (${RUNS} random runs and ${JURISDICTIONS.length} places, seed ${SEED})`, () => {
    let said = 0;
    const expectRight = (sentences: Iterable<string>): void => {
      for (const sentence of sentences) {
        expect(findWrong(sentence, unit), sentence).to.equal(null);
        said++;
      }
    };
    it('says what is found, held, cut and buried on its own tape, and with no figure that the tape lacks', () => {
      for (let i = 0; i < RUNS; i++) {
        const jurisdiction = JURISDICTIONS[i % JURISDICTIONS.length]!;
        const doc = readOn(makeMixedRun(3 + (i % 12), SEED + i), unit);
        const layout = layOut({ ...doc, ruleChoices: getOpeningChoices(unit, jurisdiction) });
        expectRight(sayRun(layout, jurisdiction, unit));
      }
      expect(said).to.be.greaterThan(3000);
    }).timeout(60_000);

    it('says so of buried pipe, whatever the house wants over it', () => {
      for (const jurisdiction of JURISDICTIONS)
        for (const option of ['ask', '12-inch', '18-inch', '24-inch'] as const)
          for (const cover of [10, 18])
            for (const material of ['pe-stabbed', 'pe-fused'] as const) {
              const choices: RuleChoices = {
                ...getOpeningChoices(unit, jurisdiction),
                'burial-depth': { option },
              };
              expectRight(sayRun(layOut(makeBuried(unit, choices, cover, material)), jurisdiction, unit));
            }
    });

    it('says so of drops and their traps, by every rule that has a figure', () => {
      for (const jurisdiction of JURISDICTIONS) {
        expectRight([sayTrapSource(jurisdiction, unit)]);
        for (const nipple of [1.5, 2, 4, 6])
          for (const option of ['any', 'three-inch', 'four-inch'] as const)
            for (const measured of ['nipple', 'exposed', 'pocket'] as const) {
              const doc = readOn(makeTrapped({ nipple }), unit);
              const ruleChoices: RuleChoices = {
                ...getOpeningChoices(unit, jurisdiction),
                'trap-nipple': { option },
                'trap-measured': { option: measured },
                'trap-needed': { option: 'every-appliance' },
              };
              expectRight(sayRun(layOut({ ...doc, ruleChoices }), jurisdiction, unit));
            }
      }
    });

    it('says what is refused so, where the unit of the job is known', () => {
      const [length, most] = [inches(2500), inches(480)];
      const refused: readonly Refusal[] = [
        { code: 'length-absurd', typed: '9e9', length, limit: most },
        { code: 'place-beyond-leg', mark: '3', length },
        { code: 'cover-too-deep', length, most },
        { code: 'offset-cannot-be', part: 'run', length, within: 'travel', most },
      ];
      // What was worked out is the mark before it: more is not to be had.
      const worked = {
        code: 'offset-cannot-be',
        part: 'set',
        length: inches(20),
        within: 'travel',
        most: Math.round(inches(15) * Math.SQRT1_2),
      } as const;
      expect(sayRefusal(worked, unit)).to.include(
        unit === 'in' ? 'at most 10 9/16 in for' : 'at most 269 mm for',
      );
      for (const each of [...refused, worked]) {
        expectRight([sayRefusal(each, unit)]);
        // Where nobody said which unit that is, both are there.
        for (const other of ['in', 'mm']) expect(sayRefusal(each)).to.match(new RegExp(`\\d ${other}\\b`));
      }
    });

    it('says every house rule, each of its sides and what it begins with so', () => {
      for (const { id, options } of HOUSE_RULES) {
        const words = getRuleWords(id, unit);
        const about = id === 'tape-rounding' || id === 'stock-length';
        // What these two choose between are the tapes and the stocks of both.
        if (about) continue;
        expectRight([words.title, words.question, words.reason]);
        for (const option of options) {
          const { name, says } = words.options[option]!;
          expectRight([name, says, sayChoice<RuleId>(id, makeChoice(id, option as never, unit), unit)]);
        }
      }
    });
  });
