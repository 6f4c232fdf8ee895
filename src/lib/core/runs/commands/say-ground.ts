import { accept, refuse, type Result } from '#core/outcome';
import type { Length } from '#core/units';
import type { ChangeLabel, PlannedChange } from '#core/runs/changes';
import { MOST_COVER, findLeg, type PrintedOn, type RunDoc } from '#core/runs/document';
import type { UnknownLeg } from './change-measure.ts';
import { sayOf } from './make-op.ts';

/** A length as it was read, nm, and as it was typed. */
export interface TypedLength {
  readonly length: Length;
  readonly typed: string;
}

export type CoverRefusal =
  | UnknownLeg
  | { readonly code: 'cover-nothing'; readonly typed: string }
  | { readonly code: 'cover-too-deep'; readonly length: Length; readonly most: Length };

export type BearingRefusal = UnknownLeg | { readonly code: 'bearing-none'; readonly degrees: number };

/** What is wrong with a depth; null where nothing is. */
function checkDepth({ length, typed }: TypedLength): CoverRefusal | null {
  if (length <= 0) return { code: 'cover-nothing', typed };
  return length > MOST_COVER ? { code: 'cover-too-deep', length, most: MOST_COVER } : null;
}

/** Plans how much ground lies over the pipe at a node; null takes it back. Refuses nothing at all, and more than anybody digs. */
export function planSayCover(
  doc: RunDoc,
  node: string,
  cover: TypedLength | null,
): Result<PlannedChange, CoverRefusal> {
  if (!Object.hasOwn(doc.nodes, node)) return refuse({ code: 'leg-unknown', leg: node });
  const refusal = cover && checkDepth(cover);
  if (refusal) return refuse(refusal);
  const ops = sayOf(doc, 'covers', node, cover && { cover: cover.length, typed: cover.typed });
  return accept({ label: label('say-cover', null), ops });
}

/** Plans which way a leg goes on the ground, whole degrees clockwise from north; null takes it back. For the sketch only. */
export function planSayBearing(
  doc: RunDoc,
  leg: string,
  degrees: number | null,
): Result<PlannedChange, BearingRefusal> {
  const found = findLeg(doc, leg);
  if (!found) return refuse({ code: 'leg-unknown', leg });
  if (degrees !== null && !(Number.isInteger(degrees) && degrees >= 0 && degrees < 360))
    return refuse({ code: 'bearing-none', degrees });
  return accept({
    label: label('say-bearing', found.tag),
    ops: sayOf(doc, 'bearings', leg, degrees === null ? null : { degrees }),
  });
}

/** Plans what is printed on pipe, on what stands at a node or on a part in a leg; an empty line without a depth takes it back. */
export function planSayPrint(
  doc: RunDoc,
  of: string,
  { text, bury }: { readonly text: string; readonly bury: TypedLength | null },
): Result<PlannedChange, CoverRefusal> {
  if (![doc.legs, doc.nodes, doc.parts].some((each) => Object.hasOwn(each, of)))
    return refuse({ code: 'leg-unknown', leg: of });
  const refusal = bury && checkDepth(bury);
  if (refusal) return refuse(refusal);
  // Only what stands at a point is buried so deep: a riser.
  const deep = Object.hasOwn(doc.nodes, of) ? bury : null;
  const said: Omit<PrintedOn, 'id'> = {
    text: text.trim(),
    bury: deep?.length ?? null,
    typed: deep?.typed ?? '',
  };
  const isNothing = said.text === '' && said.bury === null;
  return accept({
    label: label('say-print', null),
    ops: sayOf(doc, 'prints', of, isNothing ? null : { ...said }),
  });
}

const label = (command: ChangeLabel['command'], leg: number | null): ChangeLabel => ({
  command,
  leg,
  turn: null,
});
