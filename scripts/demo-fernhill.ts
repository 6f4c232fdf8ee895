import type { NominalSize } from '#core/ends/size.ts';
import type { Axis } from '#core/geometry/axis.ts';
import type { Way } from '#core/geometry/way.ts';
import { newAppliance } from '#core/runs/appliance.ts';
import type { InlineKind, LegGeometry, Terminal } from '#core/runs/run.ts';

/** Ids of the demo are fixed: loading it again finds what is there. */
export const DEMO_JOB = 'demofernhill';
export const DEMO_RUN = 'demofernhillheader';

/** A leg of the demo: it grows from the far end of leg `from` (0: the source). */
export interface DemoLeg {
  readonly from: number;
  readonly geometry: LegGeometry;
  readonly size: NominalSize;
  /** As typed; null where the length follows from the geometry. */
  readonly measure: string | null;
  /** The leg at whose far end the measure begins, where that is not where the leg grows from. */
  readonly datum?: number;
  readonly terminal?: Terminal;
  /** A part in the pipe, and how far from the near centre it stands. */
  readonly part?: readonly [kind: InlineKind, at: string];
}

type More = Omit<Partial<DemoLeg>, 'from' | 'geometry' | 'measure'>;
const straight = (from: number, axis: Way, measure: string, more: More = {}): DemoLeg => ({
  from,
  geometry: { kind: 'axis', axis },
  size: '1',
  measure,
  ...more,
});
const side = (way: Axis, inches: number) => ({ way, length: inches * 25_400_000, typed: String(inches) });
const kiln = (name: string): Terminal => newAppliance(name);

/**
 * The header along the north wall of Fernhill Kilns: from the riser up through the main valve, over, and along, its tees
 * marked out in running dimensions from the corner; a drop for each kiln (one past a post), a rise for the unit heater, a
 * street elbow under the beam to the glaze-test burner, and one capped outlet.
 */
export const HEADER: readonly DemoLeg[] = [
  straight(0, 'up', '4-2 1/2', { part: ['valve', '3-0'] }),
  straight(1, 'back', `1' 3 3/4"`),
  straight(2, 'right', '6-4'),
  straight(3, 'down', '3-1 1/8', { size: '3/4', terminal: kiln('kiln 1'), part: ['union', '2-2'] }),
  straight(3, 'right', '15-2 1/2', { datum: 2 }),
  straight(5, 'down', '1-3 1/2', { size: '3/4' }),
  {
    from: 6,
    geometry: { kind: 'offset', along: 'down', set: side('out', 8), roll: side('right', 5), angle: 45 },
    size: '3/4',
    measure: null,
  },
  straight(7, 'down', '1-8', { size: '3/4', terminal: kiln('kiln 2'), part: ['union', '11'] }),
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
];

/** The main valve as it was measured: its length is fixed by no standard. */
export const VALVE_LENGTH = '2 11/16';
