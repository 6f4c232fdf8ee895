import type { RuleWords } from './rule-words.ts';
import type { HouseRules } from '#core/house-rules';

type PlainTubeRule = 'tube-slack' | 'tube-trim' | 'strike-plates' | 'bending';
type TubeRule =
  | 'bender-mark'
  | 'bender-radius'
  | 'bend-straight'
  | 'press-spacing'
  | 'support-ends'
  | 'fusion-loss'
  | 'contraction';

/** What each school says of tube that turns. */
export const TUBE_RULE_WORDS: {
  readonly [Id in PlainTubeRule]: RuleWords<Exclude<HouseRules[Id]['option'], 'own'>>;
} = {
  'tube-slack': {
    title: 'Slack of corrugated tubing',
    question: 'How much more tubing is cut than its way is long?',
    reason:
      '3 %, and at least {an inch|25 mm} where it lies straight: it must be able to move, and never hang taut. Said separately.',
    options: {
      'three-percent': {
        name: '3 %',
        says: 'Enough to move with the building and to make an end anew once.',
      },
      'five-percent': {
        name: '5 %',
        says: 'Long ways through joists are never as straight as they were measured.',
      },
      none: {
        name: 'None',
        says: 'Measured bend by bend and laid as measured: slack is tubing nobody asked for.',
      },
    },
  },
  'tube-trim': {
    title: 'Left to trim in place',
    question: 'How much longer is tube cut where its end fitting has not been measured?',
    reason:
      '{4 in|100 mm}: ours. It is cut long, laid, marked at the fitting and trimmed there; rigid pipe never is.',
    options: {
      'two-inch': { name: '{2 in|50 mm}', says: 'For short ends beside the fitting.' },
      'four-inch': {
        name: '{4 in|100 mm}',
        says: 'A hand’s breadth: a cutter can be turned round what is left.',
      },
      'six-inch': { name: '{6 in|150 mm}', says: 'Where the far end was measured through a wall.' },
    },
  },
  'strike-plates': {
    title: 'Strike plates',
    question: 'How near the face of a stud or joist may tubing pass without a plate?',
    reason:
      '{1-3/4 in|45 mm}: the longer of the distances met in code texts. The maker’s own distance goes before it.',
    options: {
      'one-and-half': { name: '{1-1/2 in|40 mm}', says: 'As older editions have it.' },
      'one-and-three-quarter': {
        name: '{1-3/4 in|45 mm}',
        says: 'As newer editions have it; the longer nail is the usual one.',
      },
    },
  },
  bending: {
    title: 'How copper is bent',
    question: 'With a bender, or by hand over a spring?',
    reason: 'A bender holds the tube round: its own radius is accepted for its size.',
    options: {
      bender: {
        name: 'With a bender',
        says: 'The radius that stands on it, 2-1/2 diameters and less, is ordinary.',
      },
      'by-hand': {
        name: 'By hand or spring',
        says: 'Wide bends only: under 5 diameters it is asked, under 4 refused.',
      },
    },
  },
};

export const BENDER_RULE_WORDS: { readonly [Id in TubeRule]: RuleWords<HouseRules[Id]['option']> } = {
  'bender-mark': {
    title: 'The bender’s mark',
    question: 'What of a bend lies at the mark on the tube?',
    reason:
      'The beginning of the bend: what the zero line of most benders stands for. All three marks are always shown.',
    options: {
      start: {
        name: 'Beginning of the bend',
        says: 'The zero of the shoe on the mark: what is before it stays straight.',
      },
      centre: { name: 'Middle of the bend', says: 'The middle of the arc on the mark: good for equal legs.' },
      'shoe-front': {
        name: 'Front of the shoe',
        says: 'The front edge of the shoe on the mark; how far it stands ahead is measured once on the bender.',
      },
    },
  },
  'bender-radius': {
    title: 'Radius of the benders',
    question: 'To what radius do your benders bend each size?',
    reason: 'The radii commonly stated on lever benders: typical. Read yours, it stands on the former.',
    options: {
      usual: {
        name: 'As commonly stated',
        says: '{9/16 in for 1/4, 15/16 for 3/8, 1-1/2 for 1/2|14 mm for 1/4, 24 mm for 3/8, 38 mm for 1/2}; about three diameters of metric tube.',
      },
      own: { name: 'Own', says: 'What stands on your own benders, to the centre line of the tube.' },
    },
  },
  'bend-straight': {
    title: 'Straight between bends',
    question: 'How much straight tube does your bender need between two bends?',
    reason: 'One outside diameter of the tube: ours. The hook and the shoe must both find straight tube.',
    options: {
      'one-diameter': { name: 'One diameter', says: 'As much as the tube is thick.' },
      own: { name: 'Own', says: 'As your bender’s hook has it.' },
    },
  },
  'support-ends': {
    title: 'Supports near fittings',
    question: 'How near to a fitting does the first support stand?',
    reason:
      '{Twelve inches|300 mm}: ours. The pipe must not hang from its fittings; local code and the maker’s sheet go before it.',
    options: {
      'twelve-inches': {
        name: '{Twelve inches|300 mm}',
        says: 'At each end of a leg; a leg of up to {two feet|600 mm} has one in its middle.',
      },
      own: { name: 'Own', says: 'As your code or your inspector has it.' },
    },
  },
  'fusion-loss': {
    title: 'What a fused joint takes',
    question: 'How much length do facing and melting take at a butt-fused joint?',
    reason:
      '{Three quarters of an inch|20 mm} to begin with, half from each side. Measure what your facer and your beads take, and enter it.',
    options: {
      'three-quarters': {
        name: '{Three quarters of an inch|20 mm}',
        says: 'A first figure; spare length is kept for joints that are cut out again.',
      },
      own: { name: 'Own', says: 'As joints of your machine and your operator came out.' },
    },
  },
  contraction: {
    title: 'Contraction of buried pipe',
    question: 'From what temperature to what does polyethylene shrink once it lies?',
    reason:
      'From {90 to 32 °F|32 to 0 °C}: pipe warmed by a summer day, and the ground in frost. Polyethylene shrinks {an inch and more in a hundred feet for each ten degrees|16 mm and more in ten metres for each ten degrees}: it is laid in as slack.',
    options: {
      'summer-to-frost': {
        name: '{90 to 32 °F|32 to 0 °C}',
        says: 'On the safe side in most places: too much slack does no harm.',
      },
      own: {
        name: 'Own',
        says: 'As the pipe is when it is laid, and the coldest the ground gets where it lies.',
      },
    },
  },
  'press-spacing': {
    title: 'Pipe between pressed fittings',
    question: 'How much pipe must stand between two pressed fittings?',
    reason:
      '{Two inches|50 mm}: ours. The jaws must close square on each, and pressing one must not hurt the ring of the other; large sizes want more. The maker’s sheet goes before it.',
    options: {
      'two-inches': {
        name: '{Two inches|50 mm}',
        says: '{Two inches|50 mm} of pipe, from face to face less both insertions.',
      },
      own: {
        name: 'Own',
        says: 'As the maker’s sheet of your fittings has it, for the largest size you press.',
      },
    },
  },
};
