import { makeThreadProfile, type ThreadForm } from '../thread-profile.ts';
import { acrossAxis, box, type LensPicture, type LensShape } from './lens-picture.ts';
import { bringTogether, makeSurface, type SeatForm } from './seat-surface.ts';

/** Two ends that a nut pulls together. Lengths in mm. */
export interface SeatPair {
  readonly male: SeatForm;
  readonly female: SeatForm;
  /** Threads that only pull. */
  readonly threads: readonly [male: ThreadForm, female: ThreadForm];
  /** A flared tube is thin and bends over the cone; a tail piece is thick. */
  readonly tail: 'tube' | 'tail-piece';
  /** A washer lies between. */
  readonly washer: boolean;
  readonly makes: boolean;
}

/** Shares of the thread's diameter: bore, thickness of tube, of washer. No length follows from them. */
const BORE = 0.32;
const TUBE = 0.055;
const WASHER = 0.1;
const CLEARANCE = 0.06;

/** Seat on seat under a nut. Angles are those of the seats; where the angles differ the two touch on a line. */
export function drawSeatPair({ male, female, threads, tail, washer, makes }: SeatPair): LensPicture {
  const [thread, nutThread] = threads;
  const p = 25.4 / thread.perInch;
  const outside = thread.mouth / 2;
  const root = outside - 0.65 * p;
  const inner = outside * 2 * BORE * 0.5 + outside * 0.2;
  const outer = root - p * 0.3;
  const maleSurface = makeSurface(male, inner, outer);
  const { shift, contact } = bringTogether(maleSurface, makeSurface(female, inner, outer));
  const thick = washer ? outside * WASHER : 0;
  const femaleSurface = makeSurface(female, inner, outer).map(({ x, y }) => ({ x: x + shift - thick, y }));
  const depth = Math.max(...maleSurface.map(({ x }) => x));
  const turns = Math.max(5, Math.round((outside * 0.9) / p));
  const body = makeThreadProfile({ ...thread, slope: 0 }, turns).map(({ x, y }) => ({ x: x + depth + p, y }));
  const end = depth + (turns + 2) * p;
  const shapes: LensShape[] = [
    {
      role: 'male',
      outline: [...maleSurface, { x: depth, y: root }, ...body, { x: end, y: root }, { x: end, y: inner }],
    },
  ];
  const wall = tail === 'tube' ? outside * 2 * TUBE : outer - inner;
  const left = -outside * 1.6;
  // A tube keeps its thickness over the cone; a tail piece is solid behind its seat.
  const behind =
    tail === 'tube' ? femaleSurface.map(({ x, y }) => ({ x: x - wall * 1.4, y: y + wall * 0.1 })) : [];
  const tailOutline =
    tail === 'tube'
      ? [
          { x: left, y: inner },
          ...femaleSurface,
          ...behind.toReversed().filter(({ y }) => y > inner + wall),
          { x: femaleSurface[0]!.x - wall, y: inner + wall },
          { x: left, y: inner + wall },
        ]
      : [
          { x: left, y: inner },
          ...femaleSurface,
          { x: femaleSurface.at(-1)!.x - outside * 0.5, y: outer },
          { x: femaleSurface.at(-1)!.x - outside * 0.5, y: inner + wall * 0.45 },
          { x: left, y: inner + wall * 0.45 },
        ];
  shapes.push({ role: 'tube', outline: tailOutline });
  if (washer) shapes.push({ role: 'seal', outline: box(shift - thick, shift, inner, outer) });
  const nutInner = makeThreadProfile(nutThread, turns).map(({ x, y }) => ({ x: x + depth + p * 1.5, y }));
  const nutLeft = Math.min(left * 0.55, femaleSurface.at(-1)!.x - outside * 0.55);
  const shoulder =
    Math.min(...behind.map(({ x }) => x), femaleSurface.at(-1)!.x - outside * 0.5) - 0.02 * outside;
  const nutOuter = outside * 1.35;
  shapes.push({
    role: 'nut',
    outline: [
      {
        x: nutLeft - outside * 0.3,
        y: inner + wall * (tail === 'tube' ? 1 : 0.45) + CLEARANCE * outside * 0.5,
      },
      { x: shoulder, y: inner + wall * (tail === 'tube' ? 1 : 0.45) + CLEARANCE * outside * 0.5 },
      { x: shoulder, y: outside + CLEARANCE * outside },
      { x: depth + p, y: outside + CLEARANCE * outside },
      ...nutInner,
      { x: end - p, y: nutInner.at(-1)!.y },
      { x: end - p, y: nutOuter },
      { x: nutLeft - outside * 0.3, y: nutOuter },
    ],
  });
  const [from, to] = washer
    ? [
        [
          { x: shift, y: inner },
          { x: shift, y: outer },
        ],
        [
          { x: shift - thick, y: inner },
          { x: shift - thick, y: outer },
        ],
      ]
    : [contact.length > 1 ? contact : widen(contact[0]!), null];
  const lines = to ? [from, to] : [from];
  const cone = (form: SeatForm) => (form.kind === 'cone' ? form.degrees : null);
  const middle = (inner + outer) / 2;
  return {
    shapes,
    seals: makes ? lines : [],
    touches: makes ? [] : lines,
    showing: [],
    angles: [
      ...(cone(male) === null
        ? []
        : [{ at: { x: depth * 0.9 + outside * 0.3, y: middle }, degrees: cone(male)!, of: 'male' as const }]),
      ...(cone(female) === null
        ? []
        : [{ at: { x: shift - outside * 0.55, y: outer }, degrees: cone(female)!, of: 'female' as const }]),
    ],
    dimensions: [
      acrossAxis('male', body[0]!.x, thread.mouth),
      acrossAxis('female', nutInner[0]!.x, nutThread.mouth),
    ],
    look: { from: -outside * 0.7, to: outside * 1.1, radius: middle },
    whole: { from: left, to: end, radius: nutOuter },
  };
}

/** A touch on a line is a point in the cut: made long enough to be seen. */
const widen = ({ x, y }: { x: number; y: number }) => [
  { x: x - 0.05, y: y - 0.12 },
  { x: x + 0.05, y: y + 0.12 },
];
