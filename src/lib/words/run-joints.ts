import type { Body, LaidJoint } from '#core/runs/layout';
import type { LaidLeg, Piece } from '#core/runs/pieces';
import { namePart, namePort } from './parts.ts';

/** Who a joint joins: `piece 3 in the 90° elbow`, `end A of piece 3 …` where both its ends are made up, `inside the union`. */
export function nameJoint(
  { id, sides: [goes, takes] }: LaidJoint,
  bodies: ReadonlyMap<string, Body>,
): string {
  const [one, other] = [bodies.get(goes.body), bodies.get(takes.body)];
  if (goes.body === takes.body)
    return `inside the ${other && 'part' in other ? namePart(other.part) : 'part'}`;
  const say = (body: Body | undefined, port: string | null): string =>
    body?.kind === 'connector'
      ? `connector ${body.leg.tag}`
      : !body || body.kind === 'pipe'
        ? namePieceEnd(body?.piece ?? null, id)
        : port === null
          ? namePart(body.part)
          : `the ${namePort(body.part, port)}`;
  const first = say(one, goes.port);
  return `${first} in ${say(other, takes.port)}`;
}

function namePieceEnd(piece: Piece | null, joint: string): string {
  if (!piece) return 'a piece';
  const name = `piece ${piece.mark}`;
  if (!piece.ends.every((end) => end.joint)) return name;
  return `end ${piece.ends[0].id === joint ? 'A' : 'B'} of ${name}`;
}

/** What a group of joints hangs on. */
export const nameLeg = ({ leg }: LaidLeg): string => `Leg ${leg.tag}`;
