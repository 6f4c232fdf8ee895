import type { QuickCut, QuickKind, QuickPoint } from '#core/cutting';
import type { ThreadedMaterial } from '#core/catalogue';
import type { NominalSize } from '#core/ends';
import { REF_POINT_NAMES } from './refs.ts';

/** What may stand at an end: short for a button, and whole. */
export const QUICK_KIND_NAMES: Readonly<
  Record<QuickKind, { readonly short: string; readonly name: string }>
> = {
  'elbow-90': { short: '90°', name: '90° elbow' },
  'elbow-45': { short: '45°', name: '45° elbow' },
  'tee-run': { short: 'tee, run', name: 'tee, in its run' },
  'tee-branch': { short: 'tee, branch', name: 'tee, in its branch' },
  coupling: { short: 'coupling', name: 'coupling' },
  union: { short: 'union', name: 'union' },
  valve: { short: 'valve', name: 'valve' },
  cap: { short: 'cap', name: 'cap' },
  open: { short: 'open', name: 'open end' },
};

/** Points of an end, short for a row of buttons. */
export const QUICK_POINT_NAMES: Readonly<Record<QuickPoint, string>> = {
  centre: 'centre',
  face: 'face',
  back: 'back',
  end: 'end',
};

/** How the sizes of each material are called. */
export const QUICK_MATERIALS: Readonly<
  Record<ThreadedMaterial, { readonly group: string; readonly before: string; readonly after: string }>
> = {
  'black-iron': { group: 'NPT', before: '', after: ' NPT' },
  'steel-r': { group: 'R threads', before: 'R ', after: '' },
};

export const sayQuickSize = (material: ThreadedMaterial, size: NominalSize): string =>
  `${QUICK_MATERIALS[material].before}${size}${QUICK_MATERIALS[material].after}`;

const sayPoint = (at: QuickPoint): string => REF_POINT_NAMES[at].name;

/** `centre to face`. */
export const sayBetween = ([one, other]: QuickCut['ends']): string =>
  `${sayPoint(one.at)} to ${sayPoint(other.at)}`;

/** `3/4 NPT, 90° to tee, branch`. */
export const sayQuickCut = ({ material, size, ends: [one, other] }: QuickCut): string =>
  `${sayQuickSize(material, size)}, ${QUICK_KIND_NAMES[one.kind].short} to ${QUICK_KIND_NAMES[other.kind].short}`;

/** What a run is called that began as a quick cut. */
export const nameQuickRun = (cut: QuickCut): string =>
  `Quick cut ${sayQuickSize(cut.material, cut.size)}${cut.measure ? `, ${cut.measure.typed}` : ''}`;
