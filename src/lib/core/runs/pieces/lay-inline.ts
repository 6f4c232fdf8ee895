import type { Catalogue, Part } from '#core/catalogue';
import type { HouseRules } from '#core/house-rules';
import { getCraft } from '#core/materials';
import { FOOT, type Length } from '#core/units';
import { findExactCut } from './laid-piece.ts';
import type { LaidEnd, EndReader } from '#core/runs/measuring';
import type { LaidInline } from './laid.ts';
import type { InlineKind, Leg } from '#core/runs/document';

/** A leg as its pipe is divided: both ends, and where it is drawn from. */
export interface LegPipe {
  readonly leg: Leg;
  /** Whether its near end is its beginning. */
  readonly isAsDrawn: boolean;
  readonly near: LaidEnd;
  readonly far: LaidEnd;
  /** nm */
  readonly length: Length | null;
}

/** The part of a kind that stands in the pipe of a leg; null where none of its size is carried. */
export const findInlinePart = (leg: Leg, kind: InlineKind, catalogue: Catalogue): Part | null =>
  getCraft(leg).findPart(kind, leg, [leg.size], catalogue);

/** The parts put into a leg, in order from its near end: each where a measure says, otherwise at its share of the leg. */
export function layParts(
  pipe: LegPipe,
  places: ReadonlyMap<string, Length>,
  catalogue: Catalogue,
): LaidInline[] {
  const { leg, isAsDrawn, length } = pipe;
  const laid = Object.values(leg.inline).map(({ id, part: kind, share }): LaidInline => {
    const measured = places.get(id);
    const fromBeginning = measured ?? (length === null ? null : Math.round(length * share));
    const at =
      fromBeginning === null
        ? null
        : isAsDrawn
          ? fromBeginning
          : length === null
            ? null
            : length - fromBeginning;
    const placedBy = measured === undefined ? 'share' : 'measure';
    return makeInline(id, findInlinePart(leg, kind, catalogue), at, placedBy, isAsDrawn);
  });
  return laid.sort((a, b) => (a.at ?? 0) - (b.at ?? 0) || (a.id < b.id ? -1 : 1));
}

function makeInline(
  id: string,
  part: Part | null,
  at: Length | null,
  placedBy: LaidInline['placedBy'],
  isAsDrawn: boolean,
): LaidInline {
  const [a, b] = part?.ports ?? [];
  const ports = a && b ? (isAsDrawn ? ([a, b] as const) : ([b, a] as const)) : null;
  return { id, part, at, placedBy, ports };
}

/** The end of a piece at a part in its leg: `toward` the near side (0) or the far side (1). */
export const readInlineEnd = (leg: Leg, inline: LaidInline, toward: 0 | 1, ends: EndReader): LaidEnd => {
  const port = inline.ports?.[toward] ?? null;
  return ends.readInLeg(leg, `${inline.id}.${port?.id ?? toward}`, inline.part, port);
};

/** No shorter piece (nm) is left over where a stock length ends just before a fitting. */
const LEAST_REST: Length = FOOT;

/**
 * Joins pipe longer than the stock with couplings: whole stock lengths from the near end, the rest last. A rest too short
 * to thread takes what it lacks from the length before it.
 *
 *     near |===== 21 ft =====#1===== 21 ft =====#2=== rest ===| far
 */
export function joinStock(
  pipe: LegPipe,
  parts: readonly LaidInline[],
  catalogue: Catalogue,
  rules: HouseRules,
  ends: EndReader,
): readonly LaidInline[] {
  const { leg, isAsDrawn, length } = pipe;
  const craft = getCraft(leg);
  const stock = craft.getStock(rules);
  if (length === null || length <= stock) return parts;
  const coupling = findInlinePart(leg, 'coupling', catalogue);
  const joined: LaidInline[] = [];
  let made = 0;
  let [start, near] = [0, pipe.near];
  for (const stop of [...parts, null]) {
    const end = stop ? readInlineEnd(leg, stop, 0, ends) : pipe.far;
    const until = stop ? stop.at : length;
    for (;;) {
      const cut = until === null ? null : findExactCut(until - start, near, end);
      if (cut === null || cut <= stock || !coupling) break;
      const next = makeInline(`${leg.id}#${++made}`, coupling, null, 'stock', isAsDrawn);
      const arriving = readInlineEnd(leg, next, 0, ends);
      const leaving = readInlineEnd(leg, next, 1, ends);
      if (near.takeOff === null || arriving.takeOff === null || leaving.takeOff === null) break;
      const rest = cut - stock - arriving.takeOff - leaving.takeOff;
      const least = Math.max(LEAST_REST, craft.getLeastPiece([near, end], rules, leg, catalogue));
      const taken = rest < least ? stock - (least - rest) : stock;
      const at = start + near.takeOff + taken + arriving.takeOff;
      joined.push({ ...next, at });
      [start, near] = [at, leaving];
    }
    if (stop) {
      joined.push(stop);
      [start, near] = [stop.at ?? start, readInlineEnd(leg, stop, 1, ends)];
    }
  }
  return joined;
}
