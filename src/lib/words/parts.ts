import { getMaterialTraits, type MaterialTraits } from '#core/materials';
import { findNippleLength, isBullhead } from '#core/transitions';
import { getEndSize, type End } from '#core/ends';
import {
  isButtJoint,
  readTaperEnd,
  isAdapterKind,
  type Part,
  type PartKind,
  type PartLength,
  type Port,
  type Confidence,
  type Material,
  type Stock,
  JOINS,
  type Join,
  MATERIALS,
  getPartTraits,
} from '#core/catalogue';
import type { Fitting } from '#core/runs/fittings';
import { sayNumber } from './length-text.ts';

/** What a kind of part is called. */
export const namePartKind = (kind: PartKind): string => getPartTraits(kind).name;

/** A word for each material, from what there is to say of it. */
const nameMaterials = (say: (traits: MaterialTraits) => string): Readonly<Record<Material, string>> =>
  Object.fromEntries(MATERIALS.map((material) => [material, say(getMaterialTraits(material))])) as Record<
    Material,
    string
  >;

/** What is bought by the length. */
export const BOUGHT_PIPE = nameMaterials(({ names }) => names.bought);

export const MATERIAL_NAMES = nameMaterials(({ names }) => names.whole);

/** What tells a leg of it in a list, beside its size; empty for what needs no telling. */
export const SHORT_MATERIALS = nameMaterials(({ names }) => names.short);

export const STOCK_NAMES: Readonly<Record<Stock, string>> = {
  coil: 'a coil, soft',
  length: 'straight lengths, hard',
  annealed: 'straight lengths, ends annealed',
};

export const STANDING_NAMES: Readonly<Record<PartLength['standing'], string>> = {
  published: 'published',
  typical: 'typical, measure yours',
  maker: 'by the maker’s sheet',
  entered: 'measured by the shop',
  unknown: 'not known, measure this part',
};

export const CONFIDENCE_NAMES: Readonly<Record<Confidence, string>> = {
  certain: 'certain',
  likely: 'likely',
  approximate: 'approximate',
};

export const MATERIAL_OF_PART: Readonly<Record<Part['material'], string>> = {
  'black-malleable': 'black malleable',
  brass: 'brass',
  copper: 'copper',
  steel: 'steel',
  polyethylene: 'polyethylene',
  'as-found': 'as found',
};

const THREAD_LETTERS = { npt: 'NPT', nptf: 'NPTF', r: 'R', rc: 'Rc', rp: 'Rp' } as const;

/** `3/4 female NPT`, `3/4 male R`. */
const nameTaper = (end: End): string =>
  end.kind === 'thread' && end.family in THREAD_LETTERS
    ? `${end.size} ${end.gender} ${THREAD_LETTERS[end.family as keyof typeof THREAD_LETTERS]}`
    : getEndSize(end);

/** The name a counter clerk needs: `3/4 black malleable 90° elbow`. */
export function namePart(part: Part): string {
  const [{ end }] = part.ports as [Part['ports'][0]];
  if (part.kind === 'existing') return `${nameTaper(end)} found in place`;
  if (part.join !== null) return nameTubePart(part, JOINS[part.join]);
  if (part.kind === 'appliance') return `appliance inlet, ${nameTaper(end)}`;
  if (isCalledByBothEnds(part)) return nameBetween(part);
  const material = MATERIAL_OF_PART[part.material];
  const isBritish = readTaperEnd(end)?.system === 'R';
  const rating = !isBritish
    ? ''
    : part.kind === 'nipple'
      ? ', R threads'
      : part.material === 'black-malleable'
        ? ', Rp threads'
        : '';
  const long = part.kind === 'nipple' ? findNippleLength(part.ports) : null;
  if (long !== null)
    return `${part.size} × ${long} in ${isClose(part) ? 'close' : 'long'} ${material} nipple${rating}`;
  return isReducing(part)
    ? `${sayOpenings(part.kind, getSizes(part))}, ${material}${rating}`
    : `${part.size} ${material} ${namePartKind(part.kind)}${rating}`;
}

/** The shortest of its size, whose threads nearly meet: its id has no length in it. */
const isClose = ({ id }: Part): boolean => id.startsWith('counter/') && !id.includes('-by-');

/** What is called by what is at both its ends: all that is neither of one size and thread, nor a plain reducing fitting. */
const isCalledByBothEnds = ({ kind, ports }: Part): boolean =>
  getPartTraits(kind).isNamedByEnds ||
  (ports.length === 2 && ports.some(({ end }) => readTaperEnd(end) === null));
/** `1/2 female NPT × 1/2 male R brass adapter`: what goes between two ends is called by both. */
function nameBetween({ kind, material, ports }: Part): string {
  const names = ports.map(({ end }) => nameOpening(end));
  const both = new Set(names).size === 1 ? `${names[0]} at both ends` : names.join(' × ');
  const of = material === 'as-found' || kind === 'connector' ? '' : ` ${MATERIAL_OF_PART[material]}`;
  return `${both}${of} ${namePartKind(kind)}`;
}

/** `3/8 female flare`, `5/8 OD connector nut, 15/16-16 UN`, `1/2 class 150 flange`. */
function nameOpening(end: End): string {
  if (end.kind === 'flange') return `${end.size} ${end.drilling === 'class-150' ? 'class 150' : 'PN 16'}`;
  if (end.kind === 'thread' && end.seat === '30' && readTaperEnd(end))
    return `${nameTaper(end)} with 30° seat`;
  if (end.kind !== 'thread' || readTaperEnd(end)) return nameTaper(end);
  const { family, size, gender } = end;
  const tube = size.replace(/ tube.*$/, '');
  const thread = / tube[,:] (.+)$/.exec(size)?.[1];
  switch (family) {
    case 'npsm':
    case 'g':
      return `${size} ${family === 'npsm' ? 'NPSM' : 'G'} ${gender === 'female' ? 'swivel nut' : 'male'}, ${end.seat === '30' ? '30° seat' : 'washer'}`;
    case 'sae-45':
      return gender === 'female' ? `${tube} flare swivel nut` : `${tube} male flare`;
    case 'connector':
      return `${tube} OD connector ${gender === 'female' ? 'nut' : 'end'} (${thread ?? size})`;
    case 'cylinder':
      return `${size.replace(/\s*\(.*\)| x 1\/14| NGO-LH-(?:EXT|INT)/g, '')}${/\bnut\b/.test(size) ? '' : gender === 'female' ? ' nut' : ' end'}`;
    default:
      return `${size} ${gender} ${family}`;
  }
}

/** `3/8 ACR brass flare 90° elbow`, `1/2 CSST × 1/2 male NPT adapter`: what closes a flared tube is a plug in its nut. */
function nameTubePart(part: Part, { name, kindNames, saysMetal }: Join): string {
  const kind = kindNames[part.kind] ?? namePartKind(part.kind);
  const openings = part.ports.map((port) => nameTubePort(port, part));
  const sizes = part.kind === 'manifold' && new Set(openings).size > 1 ? openings : [...new Set(openings)];
  if (isAdapterKind(part.kind)) {
    const [tube, thread] = sizes;
    const coupled = part.seats.length > 0 ? ' with a coupling on its head' : '';
    return `${tube} ${name} × ${thread} ${kind}${coupled}`;
  }
  if (part.kind === 'reducing-set') {
    const [small, large] = sizes;
    return `${large} × ${small} ${name} reducing set`;
  }
  if (isButtJoint(part)) return `${sizes[0]} butt joint`;
  const material = saysMetal ? `${MATERIAL_OF_PART[part.material]} ` : '';
  return `${sizes.join(' × ')} ${material}${name} ${kind}`;
}
/** The size of a tube as its fitting is called, or the thread of an adapter. */
function nameTubePort({ end }: Port, { size, join }: Part): string {
  if (readTaperEnd(end)) return nameTaper(end);
  if (end.kind === 'thread')
    return end.family === 'sae-45' ? `${end.size.replace(/ tube$/, '')} OD` : nameOpening(end);
  const name =
    end.kind === 'socket' || end.kind === 'fusion-face'
      ? end.takes.name
      : end.kind === 'tube'
        ? end.name
        : size;
  const plain = name.replace(/ (coil|straight|CSST|steel pipe)$/, '');
  return join !== null && JOINS[join].isNominal ? plain.replace(/ [KL]$/, ' nominal') : plain;
}

/** The pressure class of a malleable fitting, as it is ordered; empty where there is none. */
export const sayRating = ({ material, ports }: Part): string =>
  material === 'black-malleable' && ports.every(({ end }) => readTaperEnd(end)?.system === 'NPT')
    ? ', class 150'
    : '';

/** Sizes as they are said: a bushing's male, the larger, first. */
const getSizes = (part: Part): string[] => {
  const sizes = part.ports.map(({ end }) => getEndSize(end));
  return part.kind === 'hex-bushing' || part.kind === 'face-bushing' ? sizes.toReversed() : sizes;
};
const isReducing = ({ join, size, ports }: Part): boolean =>
  join === null
    ? ports.some(({ end }) => getEndSize(end) !== size)
    : new Set(ports.map(({ end }) => getEndSize(end))).size > 1;

/** `3/4 × 1/2 90° elbow`, `1 × 3/4 × 1/2 tee`: a tee is named run, run, branch. */
export const sayOpenings = (kind: PartKind, sizes: readonly string[]): string =>
  `${(new Set(sizes).size === 1 ? sizes.slice(0, 1) : sizes).join(' × ')} ${kind === 'tee' && isBullhead(sizes) ? 'bullhead tee' : namePartKind(kind)}`;

/** `90° bend`; where a tube goes straight through nothing stands. */
const nameBend = ({ degrees }: Extract<Fitting, { kind: 'bend' }>): string =>
  degrees < 1e-3 ? 'straight through' : `${sayNumber(degrees, 1)}° bend`;

/** What stands at a node, in a word or two. */
export function nameFitting(fitting: Fitting): string {
  if (fitting.kind === 'part') {
    const { kind } = fitting.part;
    const reduces = isReducing(fitting.part) && getPartTraits(kind).saysReducing;
    return `${reduces ? 'reducing ' : ''}${namePartKind(kind)}`;
  }
  if (fitting.kind === 'open') return 'open end';
  if (fitting.kind === 'bend') return nameBend(fitting);
  return fitting.refusal.code === 'fitting-undecided' ? 'male end' : 'no fitting';
}

/** A port as seen in its fitting; only a tee and a street elbow have ports that differ. */
export function namePort(part: Part, port: string): string {
  if (part.kind === 'tee') return port === 'branch' ? 'tee, branch' : 'tee, run';
  if (part.kind === 'manifold') return port.startsWith('branch') ? 'manifold, outlet' : 'manifold, run';
  if (part.kind === 'street-90' || part.kind === 'street-45') {
    return `${namePartKind(part.kind)}, ${port} end`;
  }
  return namePartKind(part.kind);
}
