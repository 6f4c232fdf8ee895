import { getTubeSocket, isOfCylinder } from '#core/catalogue';
import type { End, ThreadFamily } from '#core/ends';

/** Classes of ends, whatever their size: what is asked for, and what the table of transitions is by. */
export const END_CLASSES = [
  'american-male', 'american-female', 'british-male', 'british-female', 'npsm-male', 'npsm-female', 'g-male', 'g-female',
  'flare-body', 'flare-nut', 'flared-copper', 'connector-body', 'connector-nut', 'copper', 'csst', 'polyethylene', 'steel-tube',
  'compression-body', 'capillary-socket', 'brazed-socket', 'press-socket', 'csst-socket', 'stab-socket', 'fusion-face', 'flange', 'union-half',
  'cylinder-valve', 'cylinder-hose', 'jic-37', 'inverted-flare', 'compression-thread', 'metric', 'thermocouple', 'water',
] as const; // prettier-ignore
export type EndClass = (typeof END_CLASSES)[number];

type Threaded = EndClass | readonly [male: EndClass, female: EndClass];
const THREADS: Readonly<Record<ThreadFamily, Threaded>> = {
  npt: ['american-male', 'american-female'],
  nptf: ['american-male', 'american-female'],
  npsm: ['npsm-male', 'npsm-female'],
  r: 'british-male',
  rc: 'british-female',
  rp: 'british-female',
  g: ['g-male', 'g-female'],
  'sae-45': ['flare-body', 'flare-nut'],
  connector: ['connector-body', 'connector-nut'],
  'jic-37': 'jic-37',
  'garden-hose': 'water',
  plumbing: 'water',
  cylinder: 'cylinder-hose',
  compression: 'compression-thread',
  olive: 'compression-thread',
  'inverted-flare': 'inverted-flare',
  metric: 'metric',
  thermocouple: 'thermocouple',
};

const TUBES = { csst: 'csst', polyethylene: 'polyethylene', steel: 'steel-tube' } as const;

/** The class of an end; null for one that is not known. */
export function findEndClass(end: End): EndClass | null {
  switch (end.kind) {
    case 'thread': {
      if (isOfCylinder(end)) return 'cylinder-valve';
      const found = THREADS[end.family];
      return typeof found === 'string' ? found : found[end.gender === 'male' ? 0 : 1];
    }
    case 'tube':
      if (end.of === 'copper') return end.prepared === 'flared' ? 'flared-copper' : 'copper';
      return TUBES[end.of];
    case 'socket':
      return getTubeSocket(end.how).endClass;
    case 'fusion-face':
    case 'flange':
    case 'union-half':
      return end.kind;
    case 'unknown':
      return null;
  }
}
