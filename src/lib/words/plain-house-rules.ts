import type { PlainRule, PlainRuleId } from '#core/house-rules';
import type { RuleWords } from './rule-words.ts';
import { TUBE_RULE_WORDS } from './tube-house-rules.ts';

type PlainRuleWords = {
  readonly [Id in PlainRuleId]: RuleWords<Extract<PlainRule, { id: Id }>['options'][number]>;
};

/** What each school of a plain rule says, and why the default is the default. */
export const PLAIN_RULE_WORDS: PlainRuleWords = {
  ...TUBE_RULE_WORDS,
  'tape-wraps': {
    title: 'Wraps of tape',
    question: 'How many wraps of gas-rated tape go on a taper thread?',
    reason: '3: matches a film of compound over it; more can enter the bore.',
    options: {
      'two-to-three': {
        name: '2 to 3 wraps',
        says: 'Under a film of compound more is waste, and more can enter the bore.',
      },
      three: { name: '3 wraps', says: 'Enough to fill the spiral, few enough to stay out of the bore.' },
      'four-to-five': { name: '4 to 5 wraps', says: 'Where tape alone must fill the spiral.' },
      'up-to-eight': {
        name: 'up to 8 wraps of thin tape',
        says: 'Thin tape fills little: it takes more turns to the same body.',
      },
    },
  },
  sealant: {
    title: 'Sealant on a taper thread',
    question: 'What goes on a taper thread?',
    reason: 'Both for work that stays; tape alone for what is temporary.',
    options: {
      tape: { name: 'Tape', says: 'Clean to put on and quick; nothing to wipe off.' },
      compound: { name: 'Compound', says: 'Fills what tape bridges, and stays soft where it is made to.' },
      both: {
        name: 'Tape and compound',
        says: 'Tape fills the spiral, compound wets the flanks: belt and braces.',
      },
      cord: {
        name: 'Sealing cord',
        says: 'Fills the spiral, sets nowhere. It is never turned back to align either: a joint that was turned back is made again.',
      },
    },
  },
  'who-holds': {
    title: 'Who holds',
    question: 'What holds the part that is made already?',
    reason: 'Always a second wrench: a joint that moved is a joint to be made again.',
    options: {
      'second-wrench': {
        name: 'A second wrench, always',
        says: 'What is made already neither tightens further nor comes loose.',
      },
      vise: { name: 'The vise', says: 'At the bench it takes the place of the second wrench.' },
      'first-without': { name: 'None on the first joint', says: 'Nothing is made yet that could move.' },
    },
  },
  gripping: {
    title: 'Gripping fittings',
    question: 'May a wrench grip the fitting itself?',
    reason: 'On the band of malleable fittings, never across an opening.',
    options: {
      band: {
        name: 'On the band of the fitting',
        says: 'Malleable takes it, if the jaws stay off the opening.',
      },
      'threaded-lever': {
        name: 'Never: a threaded lever',
        says: 'Screw a length of pipe in and turn by that: nothing is marked or squeezed.',
      },
    },
  },
  remaking: {
    title: 'Making taper joints again',
    question: 'May a taper joint be taken apart and made again?',
    reason: 'Once if it is clean and whole, with new sealant.',
    options: {
      never: { name: 'Never', says: 'A crushed thread does not seal twice: new parts.' },
      'once-if-clean': { name: 'Once, if clean', says: 'Cleaned, looked at and sealed anew it holds.' },
    },
  },
  galvanised: {
    title: 'Galvanised on gas',
    question: 'May galvanised pipe or fittings carry gas?',
    reason: 'Forbidden for new work.',
    options: {
      forbidden: {
        name: 'Forbidden',
        says: 'Zinc flakes and blocks jets; many codes and suppliers rule it out.',
      },
      'existing-only': {
        name: 'Existing work only',
        says: 'What stands may stand; nothing new is added to it.',
      },
      allowed: { name: 'Allowed', says: 'The local code lists it, and it has stood for decades.' },
    },
  },
  compression: {
    title: 'Compression on gas',
    question: 'May compression fittings carry gas?',
    reason:
      'By the jurisdiction: forbidden in the United States, accessible only in the United Kingdom, copper olives in vehicles.',
    options: {
      forbidden: { name: 'Forbidden', says: 'A ring that slips is a leak in the open.' },
      'copper-olives': {
        name: 'With copper olives only',
        says: 'Copper keeps its grip where brass shakes loose, in vehicles above all.',
      },
      accessible: {
        name: 'Any olive, where accessible',
        says: 'It can be seen and reached. It is nipped up only with the gas shut off, and tested again.',
      },
    },
  },
  'soft-solder': {
    title: 'Soldered copper',
    question: 'How may copper be joined by heat?',
    reason:
      'By the jurisdiction: brazing in the United States and Australia, capillary fittings in the United Kingdom.',
    options: {
      forbidden: { name: 'Forbidden', says: 'Soft solder lets go in a fire, and feeds it.' },
      capillary: {
        name: 'Capillary fittings allowed',
        says: 'In domestic work the code allows it, and it is inspected.',
      },
      brazing: { name: 'Brazing only', says: 'It melts far above any house fire’s first minutes.' },
    },
  },
  reducing: {
    title: 'Reducing',
    question: 'With what is a run reduced?',
    reason: 'A reducing fitting; a bushing where space or a repair asks for it.',
    options: {
      'fitting-first': {
        name: 'A reducing fitting first',
        says: 'Fewest joints, straightest way for the gas.',
      },
      'bushing-first': {
        name: 'A bushing first',
        says: 'It is in the van, and the fitting is already there.',
      },
    },
  },
  concealed: {
    title: 'Joints that can work loose, concealed',
    question:
      'May unions, bushings, flare and compression joints, right-and-left couplings be in a wall or a floor?',
    reason: 'Forbidden, as in most model codes.',
    options: {
      forbidden: { name: 'Forbidden', says: 'What can work loose must be seen.' },
      repairs: { name: 'In repairs only', says: 'Some codes let a repair be made so; others do not.' },
      allowed: { name: 'Allowed', says: 'Where the code lists them for it.' },
    },
  },
  'corrosive-gas': {
    title: 'Gas that eats copper',
    question:
      'Does the gas hold more hydrogen sulphide than copper bears ({0.3 grain in 100 cubic feet|7 mg/m³})?',
    reason:
      'Not known: its supplier says it. Until then copper and brass are asked about wherever they are; outside North America gas is sold free of it.',
    options: {
      'not-known': {
        name: 'Not known',
        says: 'Ask the supplier before copper or its brass fittings are laid.',
      },
      'under-limit': {
        name: 'No, the supplier says',
        says: 'Under the limit copper keeps like every other pipe.',
      },
      'over-limit': {
        name: 'Yes',
        says: 'Black flakes come off inside and block jets: steel or tubing instead, or ask who lists copper for it.',
      },
    },
  },
  'trap-nipple': {
    title: 'Nipple of a sediment trap',
    question: 'How long is the nipple below the tee?',
    reason: '{4 in|100 mm}: it satisfies every rule that counts the nipple.',
    options: {
      any: { name: 'Any length', says: 'What counts is that the gas turns.' },
      'three-inch': { name: '{3 in|75 mm}', says: 'The least most codes name.' },
      'four-inch': { name: '{4 in|100 mm}', says: 'Satisfies every code that counts the nipple.' },
    },
  },
  'trap-measured': {
    title: 'What of a trap is measured',
    question: 'Which length is held against the least?',
    reason: 'The nipple: it is what is bought, and what most texts name. Inspectors differ: ask.',
    options: {
      nipple: { name: 'The nipple', says: 'From end to end, as it lies on the counter.' },
      exposed: {
        name: 'What shows of it',
        says: 'Between tee and cap: a nipple of {4 in|100 mm} shows about {2-7/8 in|73 mm} at 3/4.',
      },
      pocket: {
        name: 'The pocket',
        says: 'From the face of the tee to the bottom of the cap: where the grit lies.',
      },
    },
  },
  'trap-needed': {
    title: 'Where a trap is needed',
    question: 'Which appliances get a sediment trap?',
    reason: 'The model code’s list; the maker’s sheet may ask for more.',
    options: {
      'model-list': {
        name: 'By the model code’s list',
        says: 'Ranges, dryers, lights, grills and fireplaces are let off; the rest have one.',
      },
      'every-appliance': {
        name: 'At every appliance',
        says: 'It costs a nipple and a cap; a blocked valve costs a visit.',
      },
      none: {
        name: 'At none',
        says: 'British and Australian rules ask for none; filters and clean pipe take their place.',
      },
    },
  },
  'straight-trap': {
    title: 'Straight-through trap',
    question: 'Does a trap that the gas passes straight count?',
    reason: 'Never: it does nothing.',
    options: {
      'never-counts': { name: 'It never counts', says: 'Gas that does not turn drops nothing.' },
      tolerated: { name: 'Tolerated where it stands', says: 'It was passed once, and the appliance runs.' },
    },
  },
  'shut-off-reach': {
    title: 'Shut-off within reach',
    question: 'How far along the pipe may an appliance’s own shut-off stand from it?',
    reason:
      '{6 ft|1800 mm}, in the same room: the model codes of the United States; other jurisdictions begin with asking.',
    options: {
      ask: {
        name: 'Ask',
        says: 'How near is for the local code to say: near enough that whoever works on it sees the handle.',
      },
      'three-feet': { name: '{3 ft|900 mm}', says: 'An arm and a step: nobody has to look for it.' },
      'six-feet': { name: '{6 ft|1800 mm}', says: 'As the model codes of the United States have it.' },
    },
  },
  drips: {
    title: 'Drips',
    question: 'Does the gas bring liquid with it?',
    reason: 'Dry gas, as nearly everywhere. A drip catches liquid at a low point; it is no sediment trap.',
    options: {
      'dry-gas': { name: 'Dry gas', says: 'No drips are asked for.' },
      'wet-gas': {
        name: 'Wet gas',
        says: 'A drip at every low point, and pipe that falls toward it: about {1/4 in in 15 ft|7 mm in 5000 mm}. Confirm with the supplier.',
      },
    },
  },
  'joining-pe': {
    title: 'Joining polyethylene',
    question: 'How is buried polyethylene joined?',
    reason: 'Either, recorded.',
    options: {
      fusion: {
        name: 'Fusion',
        says: 'No mechanical part is left to fail; it needs a qualified operator and the equipment.',
      },
      stab: { name: 'Stab couplings', says: 'No heat: cleanliness and the depth mark decide.' },
      either: { name: 'Either', says: 'Both are listed; which one was made is recorded.' },
    },
  },
  'iron-temperature': {
    title: 'Iron temperature',
    question: 'How hot is the butt fusion iron?',
    reason:
      'The maker’s; {425 ± 10 °F|218 ± 6 °C} is suggested where the sheet gives a range. Hotter irons belong to socket and saddle fusion.',
    options: {
      maker: { name: 'As the maker says', says: 'The procedure that was qualified names it.' },
      '425-plus-minus-10': {
        name: '{425 ± 10 °F|218 ± 6 °C}',
        says: 'In the middle of {400 to 450 °F|204 to 232 °C}: hot enough through, not so hot that it scorches.',
      },
    },
  },
  'melt-end': {
    title: 'When the melt is enough',
    question: 'By what is heating ended?',
    reason: 'By the bead; the clock is a guide.',
    options: {
      bead: { name: 'By the bead', says: 'The bead shows what the pipe has taken up, whatever the weather.' },
      time: { name: 'By the clock', says: 'A time is the same for everyone.' },
    },
  },
  tracer: {
    title: 'Tracer',
    question: 'What marks a buried line?',
    reason: 'Both: neither alone is seen by every digger.',
    options: {
      wire: { name: 'Tracer wire', says: 'The line is found from above without digging.' },
      tape: {
        name: 'Warning tape alone',
        says: 'The spade meets it before the pipe; only where the local code says so: no locator hears it.',
      },
      both: { name: 'Both', says: 'One finds it, the other saves it.' },
    },
  },
  'burial-depth': {
    title: 'Burial depth',
    question: 'How deep is polyethylene buried?',
    reason: 'Asked for, by the jurisdiction: no figure is good everywhere.',
    options: {
      ask: { name: 'Ask', says: 'Depth is the local code’s to say: find out before digging.' },
      '12-inch': { name: '{12 in|305 mm}', says: 'General cover in the model code.' },
      '18-inch': { name: '{18 in|460 mm}', says: 'Where damage is likely.' },
      '24-inch': { name: '{24 in|610 mm}', says: 'Some places everywhere.' },
    },
  },
  'csst-supports': {
    title: 'Supports of CSST',
    question: 'How is corrugated tubing held?',
    reason: 'As the maker says. That it needs none is not offered.',
    options: {
      maker: { name: 'As the maker says', says: 'Every maker’s table differs by size and way.' },
      closer: { name: 'Closer than the maker asks', says: 'A tube that cannot move does not rub.' },
    },
  },
  'csst-jacket': {
    title: 'Jacket of CSST',
    question: 'Which jacket is used?',
    reason: 'Either that is listed; bonded.',
    options: {
      yellow: { name: 'Yellow', says: 'Bonded as the code asks.' },
      black: { name: 'Black, arc-resistant', says: 'Its jacket carries a surge along.' },
      either: { name: 'Either, listed and bonded', says: 'What is listed and bonded is accepted.' },
    },
  },
  'leak-fluid': {
    title: 'Leak fluid',
    question: 'With what is a joint brushed at test?',
    reason: 'Fluid made for it: soap can attack brass.',
    options: {
      proprietary: {
        name: 'Leak fluid made for it',
        says: 'Does not attack brass, and stays on long enough to see.',
      },
      soap: { name: 'Soap solution', says: 'Always to hand; some soaps crack brass under stress.' },
      'freeze-proof': { name: 'Freeze-proof fluid', says: 'Below freezing nothing else shows anything.' },
    },
  },
  'test-pack': {
    title: 'Tightness test',
    question: 'By which table is a line tested?',
    reason: 'By the jurisdiction and edition the job names.',
    options: {
      'by-jurisdiction': {
        name: 'By the jurisdiction of the job',
        says: 'Pressure and time are the local code’s to say.',
      },
      ask: { name: 'Ask each time', says: 'Where the edition in force is not known.' },
    },
  },
};
