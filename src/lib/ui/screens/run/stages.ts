/** A way to do what is done at a stage: a screen of the run. */
export interface StageWay {
  readonly path: 'lay-out' | 'write' | 'check' | 'drops' | 'cut' | 'vise';
  readonly name: string;
}

/** A stage of a run, in the order of the work. */
export interface Stage {
  readonly id: 'measure' | 'check' | 'make';
  readonly name: string;
  readonly ways: readonly StageWay[];
}

export const STAGES: readonly Stage[] = [
  {
    id: 'measure',
    name: 'Measure',
    ways: [
      { path: 'lay-out', name: 'Lay out' },
      { path: 'write', name: 'Write' },
    ],
  },
  {
    id: 'check',
    name: 'Check',
    ways: [
      { path: 'check', name: 'Findings' },
      { path: 'drops', name: 'Drops' },
    ],
  },
  {
    id: 'make',
    name: 'Make',
    ways: [
      { path: 'cut', name: 'Cut sheet' },
      { path: 'vise', name: 'Vise' },
    ],
  },
];

/** The stage and the way in it that an address of a run shows; null where it is none (its history). */
export function findStage(pathname: string): { readonly stage: Stage; readonly way: StageWay } | null {
  const path = pathname.split('/').at(-1);
  for (const stage of STAGES) {
    const way = stage.ways.find((each) => each.path === path);
    if (way) return { stage, way };
  }
  return null;
}
