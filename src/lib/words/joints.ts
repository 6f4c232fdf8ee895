import type { NominalSize } from '#core/ends';
import {
  getWrench,
  type JointKind,
  type MadeAgain,
  type Turner,
  type JointKindId,
  type AskedTightness,
  type NoStop,
  type SealantNeeded,
} from '#core/joints';
import type { HouseRules } from '#core/house-rules';
import type { TurnedWith } from '#core/runs/reading';
import { toInches, toMillimetres, type LengthUnit } from '#core/units';
import { sayExact, sayNumber } from './length-text.ts';
import { sayTurns } from './tightness.ts';

interface JointWords {
  readonly name: string;
  readonly seals: string;
  readonly sealant: string;
}

const ON_THE_MALE =
  'Gas-rated sealant required, on the male only, from the second thread on; the first thread stays bare so nothing enters the bore.';
const NOTHING_ON_THREAD = 'Nothing on the thread: it only pulls.';

/** How each kind of joint seals, in a fitter’s words. */
export const JOINT_WORDS: Readonly<Record<JointKindId, JointWords>> = {
  'npt-in-npt': {
    name: 'Taper pipe thread in taper pipe thread',
    seals: 'On the flanks, wedged by the taper. A spiral path stays open along the thread.',
    sealant: ON_THE_MALE,
  },
  'nptf-in-nptf': {
    name: 'Dryseal thread in dryseal thread',
    seals: 'Where crests crush into roots: no path is left.',
    sealant:
      'None needed for the seal; a little lubricant against galling. Many codes want a listed sealant on gas all the same.',
  },
  'npt-with-nptf': {
    name: 'Plain taper with dryseal',
    seals: 'On the flanks, as two plain tapers: the crests of one do not reach the roots of the other.',
    sealant: ON_THE_MALE,
  },
  'npsm-swivel': {
    name: 'Straight swivel on a 30° seat',
    seals: 'On the 30° seat, metal on metal, or on a flat washer where the swivel has one.',
    sealant: NOTHING_ON_THREAD,
  },
  'flare-45': {
    name: '45° flare',
    seals: 'On the cone: copper pressed on brass.',
    sealant:
      'Never: no tape and no compound, on thread or cone. A drop of oil behind the flare where the maker allows it.',
  },
  'connector-flare': {
    name: 'Flare of a flexible connector',
    seals: 'On the connector’s own cone.',
    sealant: 'Never: no tape and no compound, on thread or cone.',
  },
  'flare-37': {
    name: '37° flare',
    seals: 'On the cone, 37° on 37°.',
    sealant: 'Never: nothing on thread or cone.',
  },
  union: {
    name: 'Ground-joint union',
    seals: 'On the metal cone in its metal socket.',
    sealant:
      'Nothing on the seat and nothing on the union nut. Its pipe ends are taper threads and take sealant.',
  },
  compression: {
    name: 'Compression with a ring',
    seals: 'On the ring crushed to the tube.',
    sealant: 'None.',
  },
  'inverted-flare': {
    name: 'Inverted flare',
    seals: 'On the double flare inside the body.',
    sealant: 'Never: nothing on thread or cone.',
  },
  'cutting-ring': {
    name: 'Cutting ring',
    seals: 'On the ring that bites the tube, in its 24° cone.',
    sealant: NOTHING_ON_THREAD,
  },
  contact: {
    name: 'Pilot or thermocouple contact',
    seals: 'On the contact or small cone at its tip.',
    sealant: NOTHING_ON_THREAD,
  },
  valve: {
    name: 'Cylinder valve',
    seals: 'On the nose or the seal inside the valve.',
    sealant: NOTHING_ON_THREAD,
  },
  csst: {
    name: 'CSST end fitting',
    seals: 'On the cut corrugation, against metal or the maker’s gasket.',
    sealant: 'None on the tube side. Its pipe thread is a taper joint and takes sealant.',
  },
  press: {
    name: 'Press coupling',
    seals: 'On the sealing ring, pressed once.',
    sealant: 'None.',
  },
  'pe-stab': {
    name: 'Stab coupling',
    seals: 'On O-rings, over a stiffener inside the pipe.',
    sealant: 'The factory’s grease only: keep it clean.',
  },
  'pe-fusion': {
    name: 'Butt fusion',
    seals: 'In the melt itself: the pipe becomes one.',
    sealant: 'None. Not even a finger touches the faces.',
  },
  'r-in-rp': {
    name: 'British taper R in a parallel Rp or taper Rc opening',
    seals: 'On the flanks, wedged by the taper of the pipe. A spiral path stays open along the thread.',
    sealant: ON_THE_MALE,
  },
  'g-washer': {
    name: 'British parallel thread on a washer',
    seals: 'On the flat washer or O-ring, or on a cone made for it.',
    sealant: NOTHING_ON_THREAD,
  },
  flange: {
    name: 'Flanges on a gasket',
    seals: 'On the gasket, drawn up evenly between the two faces.',
    sealant: 'None: a gasket listed for the gas, clean and dry unless its maker says otherwise.',
  },
  capillary: {
    name: 'Capillary joint, soft-soldered',
    seals: 'In the thin ring of solder between tube and fitting.',
    sealant: 'None: clean bright metal, flux as its maker says, and the solder the local rule names.',
  },
  brazed: {
    name: 'Brazed joint',
    seals: 'In the filler between tube and socket.',
    sealant: 'None: clean bright metal and the filler the local rule names.',
  },
};

const AGAIN: Readonly<Record<MadeAgain, string>> = {
  'clean-once': 'Made again once if clean and undamaged, with new sealant; then replaced.',
  never: 'Not made again: new parts.',
  'clean-seat': 'Made again if the seat is clean and unmarked.',
  'flare-again': 'Flared again if the cone is marked.',
  'new-olive': 'Made again with the tube cut back and a new ring.',
  'new-parts': 'Made again with new parts, as the maker says.',
  'new-washer': 'Made again with a new washer.',
  'cut-out': 'Cut out and done anew.',
  'new-gasket': 'Made again with a new gasket.',
  'new-connector': 'A connector is not used a second time: fit a new one.',
};
export const sayMadeAgain = (madeAgain: MadeAgain): string => AGAIN[madeAgain];

/** How tight a kind of joint is made, where no engagement says it. The maker’s sheet goes before it. */
export function sayTightening({ tightening }: JointKind): string {
  switch (tightening.by) {
    case 'engagement':
      return 'By its engagement: so far in, so many turns past hand-tight, so many threads showing.';
    case 'turns': {
      const { least, most } = tightening.window;
      const from = tightening.from === 'contact' ? 'from where the seat is felt' : 'past hand-tight';
      return `About ${sayEighths(least)} to ${sayEighths(most)} ${most > 1 ? 'turns' : 'turn'} ${from}; the maker’s figure goes before it.`;
    }
    case 'snug':
      return 'Snug, not brute force.';
    case 'maker':
      return 'To the maker’s torque or stop: read the sheet.';
    case 'press-tool':
      return 'With the listed press tool, once; the depth mark shows that the pipe is home.';
    case 'depth-mark':
      return 'Pushed until the mark meets the lip, then pulled back to test.';
    case 'heat':
      return 'Melt, join and hold as the qualified procedure says; the bead decides, the clock is a guide.';
  }
}

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;
function sayEighths(turns: number): string {
  const eighths = Math.round(turns * 8);
  const whole = Math.floor(eighths / 8);
  return `${whole === 0 ? '' : whole}${EIGHTHS[eighths % 8]!}` || '0';
}

/** What goes on one joint by the house rule, about: tape, compound, both, cord, or the shop's own way. */
export function saySealant(
  { wraps, tape, compound }: SealantNeeded,
  choice: HouseRules['sealant'],
  unit: LengthUnit,
): string {
  const wound = `about ${unit === 'in' ? `${Math.ceil(toInches(tape))} in` : `${Math.ceil(toMillimetres(tape) / 10) * 10} mm`} of tape for ${wraps} wraps, wound the way it tightens`;
  const spread = `about ${sayNumber(compound, compound < 1 ? 1 : 0)} ml of compound in a thin film`;
  switch (choice.option) {
    case 'tape':
      return `By the house rule tape: ${wound}.`;
    case 'compound':
      return `By the house rule compound: ${spread}.`;
    case 'both':
      return `By the house rule both: ${wound}; over it ${spread}.`;
    case 'cord':
      return 'By the house rule sealing cord listed for gas, as much as its maker says.';
    case 'own':
      return `By the house rule: ${choice.name}.`;
  }
}

/** A window that holds no stop: what lies under and over it, and what to change. */
export const sayNoStop = ({ window, under, over }: NoStop): string =>
  `No stop lies between ${sayNumber(window.least, 2)} and ${sayNumber(window.most, 2)} turns past hand-tight: ${under === null ? '' : `${sayTurns(under)} is too loose, `}${sayTurns(over)} too tight. Change the house rule of how tight if it is narrower than it must be, or change where hand-tight is with another wrap of tape or another nipple, try another fitting, or put a union in. Never back it off.`;

/** With what a kind of joint is turned where no size of pipe says it. */
const TURNERS: Readonly<Record<Turner, string>> = {
  'pipe-wrench': 'a pipe wrench',
  spanner: 'an adjustable spanner no bigger than the nut needs',
  'press-tool': 'the listed press tool',
  hands: 'the hands alone',
  iron: 'the fusion iron and jig',
  torch: 'a torch, by somebody competent, with a heat mat and nothing that burns behind it',
};
export const sayTurner = ({ turnedBy, secondWrench }: JointKind): string =>
  `With ${TURNERS[turnedBy]}${secondWrench ? ', and a second one to hold what is made already' : ''}.`;

const HOLDS: Readonly<Record<Exclude<HouseRules['who-holds']['option'], 'own'>, string>> = {
  'second-wrench': 'and a second one to hold',
  vise: 'with the vise to hold',
  'first-without': 'and from the second joint on one to hold',
};
const GRIPS: Readonly<Record<Exclude<HouseRules['gripping']['option'], 'own'>, string>> = {
  band: 'Grip a malleable fitting on its band, never across an opening.',
  'threaded-lever': 'Turn a fitting by a length of pipe screwed in, never by the fitting itself.',
};

/** The pipe wrench for a size, and by the house rule what holds. */
export function sayWrench(size: NominalSize, holds: HouseRules['who-holds']): string {
  const { least, most } = getWrench(size);
  const wrench = `${least === most ? `${least} in` : `${least} to ${most} in`} pipe wrench`;
  return `${wrench}, ${holds.option === 'own' ? `held so: ${holds.name}` : HOLDS[holds.option]}`;
}

/** What the wrench may grip, by the house rule. */
export const sayGrip = (grips: HouseRules['gripping']): string =>
  grips.option === 'own' ? `Gripped so: ${grips.name}.` : GRIPS[grips.option];

/** What a house rule of threads left or of an own window asks, beside what is worked with. */
export function sayAsked(
  { turns, engagement, difference, usual, against }: AskedTightness,
  unit: LengthUnit,
): string {
  const off = Math.abs(difference);
  const beside =
    off < 1000
      ? 'just what is worked with here'
      : `${sayExact(off, unit)} ${difference > 0 ? 'farther in' : 'less far in'} than is worked with here`;
  const judged = {
    inside: `, inside the usual ${usual.least} to ${usual.most} turns`,
    under: `. That is under the usual ${usual.least} to ${usual.most} turns: an under-made joint on a thread as short as this`,
    over: `. That is over the usual ${usual.least} to ${usual.most} turns: mind the fitting`,
  } as const;
  return `The house rule asks for about ${sayTurns(turns)} past hand-tight, ${sayExact(engagement, unit)} in one another: ${beside}${judged[against]}.`;
}

/** Numbers in rising order, those that follow one another together: `2, 4 to 6 and 9`. */
function sayTags(tags: readonly number[]): string {
  const spans: [number, number][] = [];
  for (const tag of tags) {
    const last = spans.at(-1);
    if (last?.[1] === tag - 1) last[1] = tag;
    else spans.push([tag, tag]);
  }
  const said = spans.flatMap(([from, to]) => {
    if (to === from) return [`${from}`];
    return to === from + 1 ? [`${from}`, `${to}`] : [`${from} to ${to}`];
  });
  return said.length === 1 ? said[0]! : `${said.slice(0, -1).join(', ')} and ${said.at(-1)}`;
}

/** What turns with a fitting that is screwed on. */
export function sayTurned({ restOfLeg, tags, closes }: TurnedWith, tag: number): string {
  if (closes)
    return 'The line comes round to this pipe again: held on both sides the fitting cannot be turned. A joint that needs no turning goes in between, a union or a flare.';
  const parts = [
    ...(restOfLeg ? [`the rest of leg ${tag}`] : []),
    ...(tags.length > 0 ? [`leg${tags.length > 1 ? 's' : ''} ${sayTags(tags)}`] : []),
  ];
  return parts.length === 0
    ? 'Nothing else hangs on it.'
    : `With it turns what is made up on it by then, of ${parts.join(' and ')}: see that it can swing round.`;
}
