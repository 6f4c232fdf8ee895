import type { ListedThread } from '#core/catalogue';
import { getEndSize, readThreadId, type End, type Gender, type ThreadFamily } from '#core/ends';

/** What a family is called, in full, and what it seals on. */
export const FAMILY_NAMES: Readonly<Record<ThreadFamily, { readonly name: string; readonly seals: string }>> =
  {
    npt: { name: 'NPT, national pipe taper', seals: 'on its wedged flanks, with sealant' },
    nptf: { name: 'NPTF, dryseal pipe taper', seals: 'where crests and roots crush, metal to metal' },
    npsm: {
      name: 'NPSM, straight pipe thread',
      seals: 'on the 30° seat inside the swivel, never on the thread',
    },
    r: { name: 'R, British male taper (BSPT)', seals: 'on its wedged flanks, with sealant' },
    rc: { name: 'Rc, British female taper (BSPT)', seals: 'on its wedged flanks, with sealant' },
    rp: { name: 'Rp, British female parallel', seals: 'on the flanks of an R male, with sealant' },
    g: { name: 'G, British parallel (BSPP)', seals: 'on a washer, an O-ring or a cone, never on the thread' },
    'sae-45': { name: 'SAE 45° flare', seals: 'where the copper flare sits on the 45° cone' },
    connector: { name: 'gas connector flare', seals: 'on the 45° cone' },
    'jic-37': { name: 'JIC 37° flare', seals: 'on a 37° cone: hydraulic, not for gas tube' },
    'garden-hose': { name: 'garden hose thread', seals: 'on a flat washer: never for gas' },
    cylinder: {
      name: 'cylinder or hose thread',
      seals: 'on a nose, a washer or a soft seat, as its valve has it',
    },
    compression: { name: 'US compression nut', seals: 'on a sleeve on the tube' },
    olive: { name: 'compression nut with an olive', seals: 'on an olive on the tube' },
    'inverted-flare': { name: 'inverted flare', seals: 'on a flare inside the fitting' },
    plumbing: { name: 'plumbing supply thread', seals: 'on a washer: water, never gas' },
    metric: { name: 'metric thread', seals: 'on a cutting ring, a cone or a washer' },
    thermocouple: { name: 'thermocouple thread', seals: 'on a contact, hand-tight and a little' },
  };

/** Letters and size, short enough for a list. */
const SHORT: Partial<Readonly<Record<ThreadFamily, string>>> = {
  npt: 'NPT',
  nptf: 'NPTF',
  npsm: 'NPSM',
  'sae-45': '45° flare',
  connector: 'connector flare',
  'jic-37': '37° flare',
  compression: 'compression',
  olive: 'olive nut',
  'inverted-flare': 'inverted flare',
};
const BEFORE: Partial<Readonly<Record<ThreadFamily, string>>> = { r: 'R', rc: 'Rc', rp: 'Rp', g: 'G' };

/** `1/2 NPT male`, `G 3/4 female`, `45° flare, 1/2 tube, male`. */
export function nameThread({
  family,
  size,
  gender,
}: Pick<ListedThread, 'family' | 'size' | 'gender'>): string {
  const before = BEFORE[family];
  if (before) return `${before} ${size} ${gender}`;
  const short = SHORT[family];
  if (family === 'npt' || family === 'nptf' || family === 'npsm') return `${size} ${short} ${gender}`;
  return short ? `${short}, ${size}, ${gender}` : `${size}, ${gender}`;
}

/** What was found in place, by the name of its thread; where it was not told apart, of the likeliest. */
export function nameFoundEnd(end: End): string {
  if (end.kind === 'thread') return nameThread(end);
  const likeliest = end.kind === 'unknown' ? end.among.map(readThreadId).find((each) => each !== null) : null;
  return likeliest ? nameThread(likeliest) : getEndSize(end) || 'something not told apart';
}

export const GENDER_NAMES: Readonly<Record<Gender, string>> = {
  male: 'male, the thread is outside',
  female: 'female, the thread is inside',
};

/** `14 threads an inch`, or the pitch where a thread is named by it. */
export function sayPitch({ family, perInch }: Pick<ListedThread, 'family' | 'perInch'>): string {
  if (family === 'metric') return `pitch ${Number((25.4 / perInch).toFixed(2))} mm`;
  return `${perInch === 11.5 ? '11½' : Number(perInch.toFixed(1))} threads an inch`;
}
