import { type Catalogue, getCopperOutside, getPeFigures, isCopperSize, isPeSize } from '#core/catalogue';
import { goesIn, type End, isNominal, type LegSize } from '#core/ends';
import type { Point } from '#core/geometry';
import { type Chain, findBore } from '#core/transitions';
import { inches, toMillimetres, type Millimetres } from '#core/units';

/** A shape of a strip: of a given end, of a part, or what gas goes through. */
export interface StripShape {
  readonly role: 'given' | 'part' | 'void';
  readonly outline: readonly Point[];
  /** Its length was not measured: it is drawn as long as such parts mostly are. */
  readonly isAssumed: boolean;
}

/** A chain of parts cut open in one line, diameters to scale, mm, x along it from the one end to the other. */
export interface StripPicture {
  readonly shapes: readonly StripShape[];
  /** Where it may leak: joints in order, then seats inside parts. */
  readonly leaks: readonly Point[];
  readonly frame: { readonly left: number; readonly right: number; readonly radius: number };
}

/** Metal round an opening, of what goes into it; how deep that goes, and how long a body is that nobody measured. For the eye. */
export const BAND = 1.4;
export const STUB = 0.7;
const BODY = 0.4;
const FALLBACK: Millimetres = toMillimetres(inches(0.84));

/** How wide what goes in or through is, mm. */
export function getOutside(end: End, catalogue: Catalogue): Millimetres {
  const named =
    end.kind === 'tube'
      ? end.name
      : end.kind === 'socket' || end.kind === 'fusion-face'
        ? end.takes.name
        : end.kind === 'unknown'
          ? ''
          : end.size;
  const size = named.replace(/ (?:coil|straight|tube)$/, '') as LegSize;
  if (isPeSize(size)) return toMillimetres(getPeFigures(size).outside);
  if (isCopperSize(size)) return toMillimetres(getCopperOutside(size));
  // Of a flare: the thread stands round the tube.
  const tube = `${size} ACR` as LegSize;
  if (end.kind === 'thread' && isCopperSize(tube) && !isNominal(end.size))
    return toMillimetres(getCopperOutside(tube)) * 1.35;
  const nominal = size.split(/[ ,]/)[0]!;
  const pipe = isNominal(nominal) ? catalogue.findPipe(nominal) : null;
  return pipe ? toMillimetres(pipe.outside) : FALLBACK;
}

/** Draws a chain between two ends. */
export function drawStrip(chain: Chain, from: End, to: End, catalogue: Catalogue): StripPicture {
  const shapes: StripShape[] = [];
  const voids: StripShape[] = [];
  const leaks: Point[] = [];
  const seats: Point[] = [];
  const wide = (end: End) => getOutside(end, catalogue);
  const bore = (end: End) => toMillimetres(findBore(end, catalogue) ?? inches(0.25));
  const box = (left: number, right: number, half: number): Point[] => [
    { x: left, y: -half },
    { x: right, y: -half },
    { x: right, y: half },
    { x: left, y: half },
  ];
  const put = (role: StripShape['role'], left: number, right: number, half: number, isAssumed = false) =>
    (role === 'void' ? voids : shapes).push({ role, outline: box(left, right, half), isAssumed });
  const inner = chain.links[0]!.inner;
  const given = wide(from) * 1.6;
  put('given', -given, 0, (wide(from) / 2) * (goesIn(from) ? 1 : BAND));
  if (goesIn(from)) put('given', 0, wide(inner) * STUB, wide(from) / 2);
  put('void', -given, wide(from) * STUB, bore(from) / 2);
  let x = 0;
  const mate = (end: End, at: number, way: 1 | -1, half: number): void => {
    if (goesIn(end))
      put('part', Math.min(at, at + way * wide(end) * STUB), Math.max(at, at + way * wide(end) * STUB), half);
  };
  for (const { chainPart, inner: a, outer: b } of chain.links) {
    const stubs = [a, b].reduce((sum, end) => sum + (goesIn(end) ? wide(end) * STUB : 0), 0);
    const known = chainPart.length === null ? null : toMillimetres(chainPart.length);
    const widest = Math.max(wide(a), wide(b));
    const taken = [a, b].reduce((sum, end) => sum + (goesIn(end) ? 0 : wide(end) * STUB), 0);
    const body = Math.max(known === null ? taken + widest * BODY : known - stubs, widest * 0.35);
    leaks.push({ x, y: (widest / 2) * BAND });
    put('part', x, x + body, (widest / 2) * (goesIn(a) && goesIn(b) ? 1.12 : BAND), known === null);
    mate(a, x, -1, wide(a) / 2);
    mate(b, x + body, 1, wide(b) / 2);
    const narrow = Math.min(bore(a), bore(b)) / 2;
    put('void', x - (goesIn(a) ? wide(a) * STUB : 0), x + body + (goesIn(b) ? wide(b) * STUB : 0), narrow);
    for (let i = 0; i < chainPart.seats; i++) seats.push({ x: x + body / 2, y: (widest / 2) * BAND });
    x += body;
  }
  leaks.push({ x, y: (wide(to) / 2) * BAND });
  const far = wide(to) * 1.6;
  put('given', x, x + far, (wide(to) / 2) * (goesIn(to) ? 1 : BAND));
  if (goesIn(to)) put('given', x - wide(to) * STUB, x, wide(to) / 2);
  put('void', x - wide(to) * STUB, x + far, bore(to) / 2);
  const all = [...shapes, ...voids];
  const radius = Math.max(...all.flatMap(({ outline }) => outline.map(({ y }) => Math.abs(y))));
  return { shapes: all, leaks: [...leaks, ...seats], frame: { left: -given, right: x + far, radius } };
}
