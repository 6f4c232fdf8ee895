import type { ZoneId } from '#core/permissions';
import type { Material } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import type { Axis, Way } from '#core/geometry';
import { newAppliance, type InlineKind, type LegGeometry, type Terminal } from '#core/runs/document';

/** Ids of the demo are fixed: loading it again finds what is there. */
export const DEMO_JOB = 'demofernhill';
export const DEMO_RUN = 'demofernhillheader';

/** A leg of the demo: it grows from the far end of leg `from` (0: the source). */
export interface DemoLeg {
  readonly from: number;
  readonly geometry: LegGeometry;
  readonly size: LegSize;
  /** Black iron where nothing is said. */
  readonly material?: Material;
  /** As typed; null where the length follows from the geometry. */
  readonly measure: string | null;
  /** The leg at whose far end the measure begins, where that is not where the leg grows from. */
  readonly datum?: number;
  readonly terminal?: Terminal;
  /** Parts in the pipe, and how far from the near centre each stands. */
  readonly parts?: readonly (readonly [kind: InlineKind, at: string])[];
  /** The measure is of the pipe itself, from end to end: a bought nipple. */
  readonly isNipple?: true;
}

type More = Omit<Partial<DemoLeg>, 'from' | 'geometry' | 'measure'>;
export const straight = (from: number, axis: Way, measure: string, more: More = {}): DemoLeg => ({
  from,
  geometry: { kind: 'axis', axis },
  size: '1',
  measure,
  ...more,
});
const side = (way: Axis, inches: number) => ({ way, length: inches * 25_400_000, typed: String(inches) });
const inches = (length: number) => ({ length: length * 25_400_000, typed: String(length) });
const kiln = (name: string, btu: number, floor: number): Terminal =>
  newAppliance(name, null, {
    what: 'kiln',
    input: { amount: btu * 1000, unit: 'Btu/h', basis: null, typed: `${btu},000 Btu/h` },
    gas: 'natural',
    hasTrap: false,
    floor: { from: 'inlet', ...inches(floor) },
  });

/** The appliance into whose drop a trap is built when the run stands. */
export const BUILT_IN = 'unit heater';
const UNIT_HEATER: Terminal = newAppliance(BUILT_IN, null, {
  what: 'unit-heater',
  input: { amount: 45_000, unit: 'Btu/h', basis: null, typed: '45,000 Btu/h' },
  gas: 'natural',
  hasTrap: false,
  moves: false,
  floor: { from: 'inlet', ...inches(60) },
});

/**
 * The header along the north wall of Fernhill Kilns: from the riser up through the main valve, over, and along, its tees
 * marked out in running dimensions from the corner; a drop for each kiln (one past a post), each with its sediment trap, the second a
 * 3 in nipple, too short by the house's rule; a rise for the unit heater, a street elbow under the beam to the glaze-test burner,
 * and one capped outlet.
 */
export const HEADER: readonly DemoLeg[] = [
  straight(0, 'up', '4-2 1/2', { parts: [['valve', '3-0']] }),
  straight(1, 'back', `1' 3 3/4"`),
  straight(2, 'right', '6-4'),
  straight(3, 'down', '3-1 1/8', {
    size: '3/4',
    parts: [
      ['valve', '1-0'],
      ['union', '2-2'],
    ],
  }),
  straight(3, 'right', '15-2 1/2', { datum: 2 }),
  straight(5, 'down', '1-3 1/2', { size: '3/4', parts: [['valve', '8']] }),
  {
    from: 6,
    geometry: { kind: 'offset', along: 'down', set: side('out', 8), roll: side('right', 5), angle: 45 },
    size: '3/4',
    measure: null,
  },
  straight(7, 'down', '1-8', { size: '3/4', parts: [['union', '11']] }),
  straight(5, 'right', '20-10 1/4', { datum: 2 }),
  straight(9, 'up', '2-9'),
  straight(9, 'right', '28-0 1/2', { datum: 2 }),
  {
    from: 11,
    geometry: { kind: 'made-up', axis: 'down', male: 'to' },
    size: '1',
    measure: null,
  },
  straight(12, 'out', '2-7 3/4'),
  straight(11, 'right', '29-3', { datum: 2, terminal: { kind: 'cap' } }),
  straight(4, 'out', '9', { size: '3/4', terminal: kiln('kiln 1', 80, 16) }),
  straight(4, 'down', '4', { size: '3/4', terminal: { kind: 'cap' }, isNipple: true }),
  straight(8, 'out', '9', { size: '3/4', terminal: kiln('kiln 2', 120, 18) }),
  straight(8, 'down', '3', { size: '3/4', terminal: { kind: 'cap' }, isNipple: true }),
  straight(10, 'back', '1-10', { terminal: UNIT_HEATER }),
];

/** The valves as they were measured: their lengths are fixed by no standard. */
export const VALVE_LENGTHS = [
  ['1', '2 11/16'],
  ['3/4', '2 3/8'],
] as const;

export const TUBING_RUN = 'demofernhilltubing';
const HALF = { size: '1/2' } as const;
const CSST = { size: '1/2', material: 'csst' } as const;
const FLARED = { size: '3/8 ACR', material: 'copper-flared' } as const;

/**
 * From the last outlet of the header: corrugated tubing through the joists to the heater in the loft, which stands on pipe of its own with
 * shut-off and trap; and copper with flares, bent round the bench, to the burner for glaze tests.
 */
export const TUBING: readonly DemoLeg[] = [
  straight(0, 'right', '1-6', HALF),
  straight(1, 'up', '2-9', CSST),
  straight(2, 'right', '11-4', CSST),
  straight(3, 'back', '3-2', CSST),
  straight(4, 'down', '2-8', {
    ...HALF,
    parts: [
      ['valve', '10'],
      ['union', '1-8'],
    ],
  }),
  straight(5, 'back', '9', {
    ...HALF,
    terminal: newAppliance(
      'loft heater',
      {
        kind: 'thread',
        family: 'npt',
        size: '1/2',
        gender: 'female',
        hand: null,
        seat: 'none',
        metal: 'brass',
      },
      {
        what: 'heater',
        input: { amount: 30_000, unit: 'Btu/h', basis: null, typed: '30,000 Btu/h' },
        gas: 'natural',
        hasTrap: false,
        moves: false,
      },
    ),
  }),
  straight(5, 'down', '4', { ...HALF, terminal: { kind: 'cap' }, isNipple: true }),
  straight(1, 'right', '3-2', { ...HALF, parts: [['valve', '1-4']] }),
  straight(8, 'right', '2-2', FLARED),
  straight(9, 'down', '2-7 1/2', FLARED),
  straight(10, 'out', '1-4 1/4', FLARED),
  straight(11, 'right', '11', {
    ...FLARED,
    terminal: newAppliance(
      'glaze burner',
      {
        kind: 'thread',
        family: 'sae-45',
        size: '3/8 tube',
        gender: 'male',
        hand: null,
        seat: '45',
        metal: 'brass',
      },
      { what: 'own', ownKind: 'burner for glaze tests', gas: 'natural', hasTrap: true },
    ),
  }),
];

/** Fittings as they were measured: which opening, how far it reaches, and how deep it takes the tube (of a flare 0: with a flared stub in place). */
export const TUBING_PARTS: readonly (readonly [
  part: string,
  port: string,
  reach: string,
  depth: string | null,
])[] = [
  ['tube/flare/adapter/3-8-ACR/NPT-1-2-female', 'thread', '3/4', null],
  ['tube/flare/adapter/3-8-ACR/NPT-1-2-female', 'tube', '15/16', '0'],
];

/** Where the tubing's legs run: in the loft floor with a union (which may not be), and at a burner that shakes on its bench (which is asked). */
export const TUBING_ZONES: readonly (readonly [zone: ZoneId, tags: readonly number[]])[] = [
  ['indoors', [1, 2, 6, 7, 8, 9, 10, 11]],
  ['concealed', [3, 4, 5]],
  ['vibration', [12]],
];
