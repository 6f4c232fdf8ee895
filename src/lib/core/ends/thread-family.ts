/** Families of threads met on gas work. BSPT is R (male taper), Rc (female taper) and Rp (female parallel); G is BSPP. */
export const THREAD_FAMILIES = [
  'npt', 'nptf', 'npsm', 'r', 'rc', 'rp', 'g', 'sae-45', 'connector', 'jic-37', 'garden-hose', 'cylinder',
  'compression', 'olive', 'inverted-flare', 'plumbing', 'metric', 'thermocouple',
] as const; // prettier-ignore
export type ThreadFamily = (typeof THREAD_FAMILIES)[number];

/**
 * What a family is to gas work. `listed`: made for gas where its maker and the code list it, and for much else; `never` must not
 * carry gas; a look-alike only looks like a thread that does.
 */
export type GasUse = 'gas' | 'listed' | 'look-alike' | 'never';

/** Where parts with such a thread come from, as far as that tells anything. */
export type ThreadOrigin = 'american' | 'british' | 'metric' | 'anywhere';

export interface FamilyTraits {
  readonly gasUse: GasUse;
  readonly origin: ThreadOrigin;
  /** The form of the crests as made. */
  readonly crest: 'flat' | 'rounded';
}

export const FAMILY_TRAITS: Readonly<Record<ThreadFamily, FamilyTraits>> = {
  npt: { gasUse: 'gas', origin: 'american', crest: 'flat' },
  nptf: { gasUse: 'gas', origin: 'american', crest: 'flat' },
  npsm: { gasUse: 'gas', origin: 'american', crest: 'flat' },
  r: { gasUse: 'gas', origin: 'british', crest: 'rounded' },
  rc: { gasUse: 'gas', origin: 'british', crest: 'rounded' },
  rp: { gasUse: 'gas', origin: 'british', crest: 'rounded' },
  g: { gasUse: 'gas', origin: 'british', crest: 'rounded' },
  'sae-45': { gasUse: 'gas', origin: 'american', crest: 'flat' },
  connector: { gasUse: 'gas', origin: 'american', crest: 'flat' },
  'jic-37': { gasUse: 'look-alike', origin: 'american', crest: 'flat' },
  'garden-hose': { gasUse: 'never', origin: 'american', crest: 'flat' },
  cylinder: { gasUse: 'gas', origin: 'anywhere', crest: 'flat' },
  compression: { gasUse: 'listed', origin: 'american', crest: 'flat' },
  olive: { gasUse: 'listed', origin: 'british', crest: 'rounded' },
  'inverted-flare': { gasUse: 'listed', origin: 'american', crest: 'flat' },
  plumbing: { gasUse: 'never', origin: 'american', crest: 'flat' },
  metric: { gasUse: 'listed', origin: 'metric', crest: 'flat' },
  thermocouple: { gasUse: 'listed', origin: 'anywhere', crest: 'flat' },
};

const PIPE_FAMILIES: ReadonlySet<ThreadFamily> = new Set(['npt', 'nptf', 'npsm', 'r', 'rc', 'rp', 'g']);

/** Threads named by an old bore: the quarter-inch check is about these. */
export const isPipeThread = (family: ThreadFamily): boolean => PIPE_FAMILIES.has(family);
