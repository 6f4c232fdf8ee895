import type { Part, PartKind, PartLength } from '#core/catalogue/part.ts';
import type { Material } from '#core/catalogue/pipe.ts';
import type { NominalSize } from '#core/catalogue/size.ts';
import type { Axis } from '#core/geometry/axis.ts';
import type { Fitting } from '#core/runs/infer-fitting.ts';
import type { Confidence } from '#core/catalogue/confidence.ts';

export const PART_KIND_NAMES: Readonly<Record<PartKind, string>> = {
  'elbow-90': '90° elbow',
  tee: 'tee',
  coupling: 'coupling',
  cap: 'cap',
  existing: 'existing fitting',
};

export const MATERIAL_NAMES: Readonly<Record<Material, string>> = { 'black-iron': 'black iron' };

export const AXIS_NAMES: Readonly<Record<Axis, string>> = {
  up: 'up',
  down: 'down',
  left: 'left',
  right: 'right',
  out: 'out toward you',
  back: 'back away from you',
};

export const STANDING_NAMES: Readonly<Record<PartLength['standing'], string>> = {
  published: 'published',
  typical: 'typical, measure yours',
  entered: 'measured by the shop',
  unknown: 'not known, measure this part',
};

export const CONFIDENCE_NAMES: Readonly<Record<Confidence, string>> = {
  certain: 'certain',
  likely: 'likely',
  approximate: 'approximate',
};

/** The name a counter clerk needs: `3/4 black malleable 90° elbow`. */
export const namePart = (part: Part): string =>
  part.kind === 'existing'
    ? `${part.size} female NPT found in place`
    : isReducing(part)
      ? `${sayOpenings(part.kind, getSizes(part))}, black malleable`
      : `${part.size} black malleable ${PART_KIND_NAMES[part.kind]}`;

const getSizes = (part: Part): NominalSize[] => part.ports.map(({ end }) => end.size);
const isReducing = (part: Part): boolean => part.ports.some(({ end }) => end.size !== part.size);

/** `3/4 × 1/2 90° elbow`, `1 × 3/4 × 1/2 tee`: a tee is named run, run, branch. */
export const sayOpenings = (kind: PartKind, sizes: readonly NominalSize[]): string =>
  `${(new Set(sizes).size === 1 ? sizes.slice(0, 1) : sizes).join(' × ')} ${PART_KIND_NAMES[kind]}`;

/** What stands at a node, in a word or two. */
export function nameFitting(fitting: Fitting): string {
  if (fitting.kind === 'part') {
    return `${isReducing(fitting.part) ? 'reducing ' : ''}${PART_KIND_NAMES[fitting.part.kind]}`;
  }
  return fitting.kind === 'open' ? 'open end' : 'no fitting';
}

/** A port as seen in its fitting; only a tee has ports that differ. */
export const namePort = (part: Part, port: string): string =>
  part.kind === 'tee' ? (port === 'branch' ? 'tee, branch' : 'tee, run') : PART_KIND_NAMES[part.kind];
