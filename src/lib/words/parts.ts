import type { Part, PartKind, PartLength } from '#core/catalogue/part.ts';
import type { Material } from '#core/catalogue/pipe.ts';
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
    : `${part.size} black malleable ${PART_KIND_NAMES[part.kind]}`;

/** What stands at a node, in a word or two. */
export function nameFitting(fitting: Fitting): string {
  if (fitting.kind === 'part') return PART_KIND_NAMES[fitting.part.kind];
  return fitting.kind === 'open' ? 'open end' : 'no fitting';
}

/** A port as seen in its fitting; only a tee has ports that differ. */
export const namePort = (part: Part, port: string): string =>
  part.kind === 'tee' ? (port === 'branch' ? 'tee, branch' : 'tee, run') : PART_KIND_NAMES[part.kind];
