/** A way to do what is done at a station: a screen of the run. */
export interface StationWay {
  readonly path: 'lay-out' | 'write' | 'check' | 'cut' | 'vise';
  readonly name: string;
}

/** A station of a run, in the order of the work. */
export interface Station {
  readonly id: 'measure' | 'check' | 'make';
  readonly name: string;
  readonly ways: readonly StationWay[];
}

export const STATIONS: readonly Station[] = [
  {
    id: 'measure',
    name: 'Measure',
    ways: [
      { path: 'lay-out', name: 'Lay out' },
      { path: 'write', name: 'Write' },
    ],
  },
  { id: 'check', name: 'Check', ways: [{ path: 'check', name: 'Check' }] },
  {
    id: 'make',
    name: 'Make',
    ways: [
      { path: 'cut', name: 'Cut sheet' },
      { path: 'vise', name: 'Vise' },
    ],
  },
];

/** The station and the way in it that an address of a run shows; null where it is none (its history). */
export function findStation(
  pathname: string,
): { readonly station: Station; readonly way: StationWay } | null {
  const path = pathname.split('/').at(-1);
  for (const station of STATIONS) {
    const way = station.ways.find((each) => each.path === path);
    if (way) return { station, way };
  }
  return null;
}
