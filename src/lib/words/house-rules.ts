import { inUnit, type RuleWords } from './rule-words.ts';
import type {
  EngagementChoice,
  EngagementOption,
  HowTightOption,
  TurnsWindow,
  LengthMethodOption,
  NipplesOption,
  KerfOption,
  StockOption,
  GripOption,
  TrapKindsOption,
  TrapRoomOption,
  RuleTopic,
  HouseRules,
  RuleId,
} from '#core/house-rules';
import type { TapeGraduation, LengthUnit } from '#core/units';
import { APPLIANCE_KIND_NAMES } from './appliances.ts';
import { PLAIN_RULE_WORDS } from './plain-house-rules.ts';
import { BENDER_RULE_WORDS } from './tube-house-rules.ts';
import { GRADUATION_NAMES, sayNumber, sayTyped } from './length-text.ts';

type PlainWords = typeof PLAIN_RULE_WORDS;
type BenderWords = typeof BENDER_RULE_WORDS;
interface AllRuleWords extends PlainWords, BenderWords {
  readonly 'engagement-figure': RuleWords<EngagementOption>;
  readonly 'tape-rounding': RuleWords<TapeGraduation>;
  readonly 'length-method': RuleWords<LengthMethodOption>;
  readonly nipples: RuleWords<NipplesOption>;
  readonly 'threading-grip': RuleWords<GripOption>;
  readonly 'saw-kerf': RuleWords<KerfOption>;
  readonly 'stock-length': RuleWords<StockOption>;
  readonly 'how-tight': RuleWords<HowTightOption>;
  readonly 'trap-kinds': RuleWords<TrapKindsOption>;
  readonly 'trap-room': RuleWords<TrapRoomOption>;
}

const graduation = (option: TapeGraduation, says: string) => ({ name: GRADUATION_NAMES[option], says });

/** What each house rule asks, and what each side says; `{4 in|100 mm}` is said as the unit is. */
const RULE_WORDS: AllRuleWords = {
  ...PLAIN_RULE_WORDS,
  ...BENDER_RULE_WORDS,
  'engagement-figure': {
    title: 'Engagement figure',
    question: 'How far does the pipe go into the fitting, wrench-tight?',
    reason: 'The shop table until the shop has measured: it is what most take-off charts are made of.',
    options: {
      'shop-table': {
        name: 'Shop table',
        says: 'One normal figure a size, learnt by heart and good for most dies and fittings.',
      },
      'hand-tight-plus-turns': {
        name: 'Hand-tight plus turns',
        says: 'Start from the standard’s hand-tight length and add the turns you really put on with the wrench.',
      },
      'own-measured': {
        name: 'Own measured',
        says: 'Dies wear and fittings differ: make up test pieces, measure, and use your own figure.',
      },
    },
  },
  'tape-rounding': {
    title: 'Rounding of the tape',
    question: 'To which mark is a cut length put on the tape?',
    reason:
      '{Sixteenths|Whole millimetres}: what a tape shows and a saw can follow. The error of rounding is always shown.',
    options: {
      '1/8': graduation('1/8', 'Quick to mark on long straight runs where a fitting has play.'),
      '1/16': graduation('1/16', 'As fine as a pipe cut is usually made.'),
      '1/32': graduation('1/32', 'For short pieces between fixed points.'),
      '1 mm': graduation('1 mm', 'A metric tape has no sixteenths.'),
    },
  },
  'length-method': {
    title: 'Length method shown',
    question: 'Which working is shown for a cut length?',
    reason: 'Both: they must give the same figure, so showing both is a check.',
    options: {
      both: { name: 'Both', says: 'Two roads to one figure: if they differ, something was misread.' },
      'centre-minus-allowances': {
        name: 'Centre-to-centre minus allowances',
        says: 'One subtraction at each end from what was measured.',
      },
      'face-plus-make-in': {
        name: 'Face-to-face plus make-in',
        says: 'Lay the fittings in place, measure the gap, add what goes in.',
      },
    },
  },
  nipples: {
    title: 'Nipples',
    question: 'Which short pieces are bought ready threaded?',
    reason: 'Bought up to {12 in|300 mm}: a bought nipple costs less than two threads, where one is as long.',
    options: {
      'bought-to-12': {
        name: 'Bought up to {12 in|300 mm}',
        says: 'Every piece that a stock nipple comes near enough to is bought.',
      },
      'bought-when-too-short': {
        name: 'Bought when too short to thread',
        says: 'Whatever the machine can hold is cut; only what it cannot is bought.',
      },
      'cut-in-house': {
        name: 'Threaded in house',
        says: 'A nipple chuck holds the first thread, so that two threads are the shortest piece.',
      },
    },
  },
  'threading-grip': {
    title: 'Grip of the machine',
    question: 'How much pipe must the machine or vise hold between the two threads?',
    reason: '{1 in|25 mm}: an assumption until the shop measures its own machine.',
    options: {
      'one-inch': {
        name: '{1 in|25 mm}',
        says: 'What most jaws hold safely; an assumption, not your machine.',
      },
      own: { name: 'Own machine', says: 'Measured between jaw and die head of the machine you use.' },
    },
  },
  'saw-kerf': {
    title: 'What a cut takes',
    question: 'How much of the stock is lost at every cut?',
    reason: 'Wheel cutter: it parts the pipe without removing any. Its burr must be reamed.',
    options: {
      'wheel-cutter': {
        name: 'Wheel cutter',
        says: 'Takes nothing off; leaves a burr inside that must come out.',
      },
      saw: { name: 'Saw', says: 'A blade takes its own width; measure one slot of yours.' },
    },
  },
  'how-tight': {
    title: 'How tight',
    question: 'By what is a taper joint judged tight?',
    reason:
      'The engagement figure sets the target of each size; the usual window of turns checks it, and threads left are shown beside it.',
    options: {
      window: {
        name: 'Turns in the usual window',
        says: 'Count from hand-tight: what the wrench adds is what seals. 2 to 3½ turns, 1½ to 3 from 2-1/2 up; R 1½ to 2¾, larger ones more.',
      },
      'own-window': {
        name: 'Turns in a window of our own',
        says: 'One die, one make of fitting: the shop knows its turns closer than the trade does.',
      },
      'threads-left': {
        name: 'About four threads left',
        says: 'Look at the joint. It agrees with three turns on a full thread, and is looser on a short one.',
      },
      'couple-left': {
        name: 'A couple of threads left',
        says: 'Look at the joint. About two turns tighter than four left.',
      },
      feel: {
        name: 'By feel',
        says: 'The hand knows when the taper is home; a number does not know this casting.',
      },
    },
  },
  'trap-kinds': {
    title: 'The list of appliances with a trap',
    question: 'Which kinds of appliance are on the list?',
    reason:
      'The model list: what burns behind an automatic valve. Ranges, dryers, gas lights, fireplaces and grills are let off.',
    options: {
      model: {
        name: 'The model list',
        says: 'Furnaces, boilers, water heaters, unit and space heaters, kilns, ovens, generators.',
      },
      'own-list': { name: 'A list of our own', says: 'As the local code or the shop has it.' },
    },
  },
  'trap-room': {
    title: 'Room under the cap',
    question: 'How much room does a wrench need under the cap of a trap?',
    reason: '{2 in|50 mm}: ours. What the cap comes down while it is unscrewed is added to it.',
    options: {
      'two-inch': { name: '{2 in|50 mm}', says: 'The head of a wrench and the fingers round it.' },
      own: { name: 'Own', says: 'As your wrenches and your floors have it.' },
    },
  },
  'stock-length': {
    title: 'Stock length',
    question: 'How long is the pipe you buy?',
    reason:
      '{21 ft|6 m} is how steel pipe is commonly stocked; a leg longer than that is joined by couplings.',
    options: {
      '21 ft': { name: '21 ft', says: 'The common mill length; needs a rack to carry it.' },
      '10 ft': { name: '10 ft', says: 'Fits in a van; twice the couplings.' },
      '6 m': { name: '6 m', says: 'The common metric length.' },
    },
  },
};

/** What a house rule is called; it has no figure in it. */
export const getRuleTitle = (rule: RuleId): string => RULE_WORDS[rule].title;

/** What a house rule asks, and what each side says, in the unit of the job. */
export function getRuleWords(rule: RuleId, unit: LengthUnit): RuleWords<string> {
  const { title, question, reason, options }: RuleWords<string> = RULE_WORDS[rule];
  const says = ({ name, says }: RuleWords<string>['options'][string]) => ({
    name: inUnit(name, unit),
    says: inUnit(says, unit),
  });
  return {
    title,
    question: inUnit(question, unit),
    reason: inUnit(reason, unit),
    options: Object.fromEntries(Object.entries(options).map(([option, words]) => [option, says(words)])),
  };
}

/** A choice of a rule in words, with what it was set to. */
export function sayChoice<Id extends RuleId>(rule: Id, choice: HouseRules[Id], unit: LengthUnit): string {
  if (rule === 'engagement-figure') return sayEngagementChoice(choice as EngagementChoice);
  if (choice.option === 'own' && 'reason' in choice) return `${choice.name} (own: ${choice.reason})`;
  const name = getRuleWords(rule, unit).options[choice.option]?.name ?? choice.option;
  if (choice.option === 'own-window') {
    const { upTo2in, above2in, british } = choice;
    const say = ({ least, most }: TurnsWindow) => `${sayNumber(least, 2)} to ${sayNumber(most, 2)}`;
    return `${name} (${say(upTo2in)} up to size 2, ${say(above2in)} above, ${say(british)} for R)`;
  }
  if ('length' in choice) return `${name} (${sayTyped(choice.length, unit)})`;
  if ('kinds' in choice)
    return `${name} (${choice.kinds.map((kind) => APPLIANCE_KIND_NAMES[kind]).join(', ') || 'none'})`;
  if ('width' in choice) return `${name} (${sayTyped(choice.width, unit)})`;
  return 'tolerance' in choice ? `${name} (± ${sayTyped(choice.tolerance, unit)})` : name;
}

function sayEngagementChoice(choice: EngagementChoice): string {
  const { name } = RULE_WORDS['engagement-figure'].options[choice.option];
  if (choice.option !== 'hand-tight-plus-turns') return name;
  return `${name} (${sayNumber(choice.upTo2in, 2)} up to size 2, ${sayNumber(choice.above2in, 2)} above)`;
}

/** What the rules are about, as the page heads them. */
export const RULE_TOPIC_NAMES: Readonly<Record<RuleTopic, string>> = {
  lengths: 'Lengths and cutting',
  joints: 'Joints',
  materials: 'Materials and fittings',
  traps: 'Sediment traps',
  polyethylene: 'Buried polyethylene',
  csst: 'Corrugated tubing',
  copper: 'Copper tube',
  testing: 'Testing',
};

/** Whose word goes before the shop's, as the end of a sentence. */
export function sayOutranks(by: readonly ('local code' | 'maker')[]): string {
  if (by.length === 0) return '';
  const who = by.map((each) => (each === 'maker' ? 'the maker’s sheet' : 'local code')).join(' and ');
  return ` ${who.charAt(0).toUpperCase()}${who.slice(1)} ${by.length > 1 ? 'go' : 'goes'} before it.`;
}
