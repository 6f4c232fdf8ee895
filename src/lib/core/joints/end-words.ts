import type { Gender, Hand, ThreadFamily, Seat, Metal, SocketKind, Temper, TubeKind } from '#core/ends';

/** What the words of a name say of an end; what they do not say is left open. */
export interface EndFacets {
  /** Sizes in inches as tables write them: `1-1/4`. */
  readonly sizes: readonly string[];
  /** A tube, or a metric thread, in millimetres. */
  readonly millimetres: number | null;
  readonly families: readonly ThreadFamily[];
  readonly gender: Gender | null;
  readonly seat: Seat | null;
  readonly hand: Hand | null;
  readonly metal: Metal | null;
  readonly tubes: readonly TubeKind[];
  readonly sockets: readonly SocketKind[];
  readonly temper: Temper | null;
  /** Words a tube's own name must have: `L`, `CTS`, `SDR 11`. */
  readonly named: readonly string[];
  readonly half: 'cone' | 'socket' | null;
  readonly isUnion: boolean;
  readonly isFlange: boolean;
  readonly isUnknown: boolean;
  /** A piece of pipe: its end is the male one unless it is said otherwise. */
  readonly isPipe: boolean;
}

export const NO_FACETS: EndFacets = {
  sizes: [], millimetres: null, families: [], gender: null, seat: null, hand: null, metal: null, tubes: [], sockets: [],
  temper: null, named: [], half: null, isUnion: false, isFlange: false, isUnknown: false, isPipe: false,
}; // prettier-ignore

/** What a word adds. Nothing: it is understood and says nothing of its own. */
export type EndWord = Partial<EndFacets>;

const families = (...all: ThreadFamily[]): EndWord => ({ families: all });
/** The thread of a pipe, a valve’s own, a nipple. */
export const MALE: EndWord = { gender: 'male' };
const FEMALE: EndWord = { gender: 'female' };
const CYLINDER = families('cylinder');
/** Of the cylinder connections one by its name. */
const cylinder = (name: string): EndWord => ({ ...CYLINDER, named: [name] });
const FLARE = families('sae-45', 'connector', 'jic-37', 'inverted-flare');

/** Every word and phrase that is understood; the longer a phrase, the earlier it is tried. */
export const END_WORDS: Readonly<Record<string, EndWord>> = {
  npt: families('npt'), nptf: families('nptf'), dryseal: families('nptf'), npsm: families('npsm'), 'iron pipe': families('npt'),
  'pipe thread': families('npt', 'r'), taper: families('npt', 'nptf', 'r', 'rc'),
  bspt: families('r', 'rc', 'rp'), bspp: families('g'), bsp: families('r', 'rc', 'rp', 'g'), british: families('r', 'rc', 'rp', 'g'), 'british parallel': families('g'), parallel: families('g'), 'british taper': families('r', 'rc'), 'british pipe': families('r', 'rc', 'rp', 'g'), r: families('r'), rc: families('rc'), rp: families('rp'), g: families('g'),
  flare: families('sae-45'), flair: families('sae-45'), 'sae flare': families('sae-45'), sae: families('sae-45'), '45 flare': { ...families('sae-45'), seat: '45' }, '37 flare': { ...families('jic-37'), seat: '37' },
  'inverted flare': families('inverted-flare'), inverted: families('inverted-flare'), jic: families('jic-37'), an: families('jic-37'), hydraulic: families('jic-37'),
  connector: families('connector'), 'gas connector': families('connector'), 'connector flare': families('connector'), flex: families('connector'),
  'garden hose': families('garden-hose'), ght: families('garden-hose'), garden: families('garden-hose'), hose: families('garden-hose', 'cylinder'),
  cylinder: families('cylinder'), pol: cylinder('POL'), cga: families('cylinder'), acme: families('cylinder'), bottle: families('cylinder'), acetylene: families('cylinder'),
  'type 1': cylinder('type 1'), 'type one': cylinder('type 1'), qcc: cylinder('type 1'), qcc1: cylinder('type 1'), 'qcc 1': cylinder('type 1'), 'q c c': cylinder('type 1'), 'q c c 1': cylinder('type 1'),
  compression: families('compression', 'olive'), olive: families('olive'), ferrule: families('compression', 'olive'), sleeve: families('compression'),
  supply: families('plumbing', 'npsm'), faucet: families('plumbing', 'npsm'), ballcock: families('plumbing'),
  metric: families('metric'), thermocouple: families('thermocouple', 'metric'), pilot: families('metric', 'thermocouple'),
  m: MALE, male: MALE, mip: { ...families('npt'), ...MALE }, ext: MALE, external: MALE, body: MALE, nipple: { ...families('npt', 'r'), ...MALE },
  f: FEMALE, female: FEMALE, fip: { ...families('npt'), ...FEMALE }, int: FEMALE, internal: FEMALE, nut: FEMALE, swivel: { ...families('npsm'), ...FEMALE },
  'flair nut': { ...FLARE, families: ['sae-45'], ...FEMALE }, 'flare nut': { ...FLARE, families: ['sae-45'], ...FEMALE }, 'swivel nut': { ...families('npsm', 'g'), ...FEMALE },
  '30 seat': { seat: '30' }, seat: {}, 'no seat': { seat: 'none' }, washer: { seat: 'washer' }, flat: { seat: 'washer' }, deburred: { seat: 'deburr' },
  left: { hand: 'left' }, 'left hand': { hand: 'left' }, lh: { hand: 'left' }, right: { hand: 'right' }, rh: { hand: 'right' }, 'right hand': { hand: 'right' },
  galvanised: { metal: 'galvanised' }, galvanized: { metal: 'galvanised' }, galv: { metal: 'galvanised' }, brass: { metal: 'brass' }, black: {}, iron: {}, steel: {},
  'black iron': { ...families('npt'), isPipe: true }, 'black iron pipe': { ...families('npt'), isPipe: true }, 'steel tube': { ...families('r'), isPipe: true },
  copper: { tubes: ['copper'] }, cu: { tubes: ['copper'] }, tube: { tubes: ['copper'] }, tubing: {}, pipe: {},
  acr: { tubes: ['copper'], named: ['ACR'] }, k: { tubes: ['copper'], named: [' K'] }, l: { tubes: ['copper'], named: [' L'] }, coil: { tubes: ['copper'], temper: 'soft' },
  soft: { tubes: ['copper'], temper: 'soft' }, hard: { tubes: ['copper'], temper: 'hard' }, 'hard drawn': { tubes: ['copper'], temper: 'hard' },
  pe: { tubes: ['polyethylene'] }, poly: { tubes: ['polyethylene'] }, polyethylene: { tubes: ['polyethylene'] }, plastic: { tubes: ['polyethylene'] },
  ips: { tubes: ['polyethylene'], named: ['IPS'] }, cts: { tubes: ['polyethylene'], named: ['CTS'] },
  csst: { tubes: ['csst'] }, corrugated: { tubes: ['csst'] }, 'steel pipe': { tubes: ['steel'] }, 'black pipe': { tubes: ['steel'] }, 'iron pipe end': { tubes: ['steel'] }, plain: {},
  flange: { isFlange: true }, flanged: { isFlange: true },
  stab: { sockets: ['stab'] }, 'stab coupling': { sockets: ['stab'] }, press: { sockets: ['press', 'press-copper'] }, 'press coupling': { sockets: ['press', 'press-copper'] }, 'end fitting': { sockets: ['csst-fitting'] },
  capillary: { sockets: ['capillary'] }, solder: { sockets: ['capillary'] }, soldered: { sockets: ['capillary'] }, sweat: { sockets: ['capillary'] }, 'end feed': { sockets: ['capillary'] },
  braze: { sockets: ['brazed'] }, brazed: { sockets: ['brazed'] }, brazing: { sockets: ['brazed'] }, 'compression fitting': { sockets: ['compression-body'] }, 'compression body': { sockets: ['compression-body'] },
  union: { isUnion: true }, cone: { half: 'cone' }, 'socket half': { half: 'socket' }, 'with the cone': { half: 'cone' }, 'with the socket': { half: 'socket' },
  unknown: { isUnknown: true }, '?': { isUnknown: true }, 'not known': { isUnknown: true },
  inch: {}, inches: {}, in: {}, thread: {}, threaded: {}, end: {}, fitting: {}, valve: {}, outlet: {}, a: {}, the: {}, of: {}, for: {}, gas: {}, half: {},
}; // prettier-ignore

/** Sizes as they are said. */
export const SPOKEN_SIZES: readonly (readonly [RegExp, string])[] = [
  [/\b(?:an? )?inch and (?:a )?quarter\b|\bone and (?:a )?quarter\b/g, '1-1/4'],
  [/\b(?:an? )?inch and (?:a )?half\b|\bone and (?:a )?half\b/g, '1-1/2'],
  [/\btwo and (?:a )?half\b/g, '2-1/2'],
  [/\bthree[- ]quarters?\b/g, '3/4'],
  [/\bthree[- ]eighths?\b/g, '3/8'],
  [/\bfive[- ]eighths?\b/g, '5/8'],
  [/\b(?:a |one )?eighth\b/g, '1/8'],
  [/\b(?:a |one )?quarter(?: inch)?\b/g, '1/4'],
  [/\b(?:a |one )?half(?= ?(?:inch|in\b|")|[ ]+(?:npt|nptf|npsm|bsp\w?|flare|copper|compression|union|pe|csst|pipe|acr|k|l)\b)/g, '1/2'],
  [/\bone(?: inch)?\b/g, '1'],
  [/\btwo(?: inch)?\b/g, '2'],
  [/\bthree(?: inch)?\b/g, '3'],
]; // prettier-ignore
