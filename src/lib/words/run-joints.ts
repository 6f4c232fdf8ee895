import type { Body, LaidJoint } from '#core/runs/bodies.ts';
import type { LaidLeg } from '#core/runs/layout.ts';
import { namePart, namePort } from './parts.ts';

/** Who a joint joins: `piece 3 in the 90° elbow`, `inside the union`. */
export function nameJoint({ sides: [goes, takes] }: LaidJoint, bodies: ReadonlyMap<string, Body>): string {
  const [one, other] = [bodies.get(goes.body), bodies.get(takes.body)];
  if (goes.body === takes.body)
    return `inside the ${other?.kind === 'pipe' || !other ? 'part' : namePart(other.part)}`;
  const say = (body: Body | undefined, port: string | null): string =>
    !body || body.kind === 'pipe'
      ? `piece ${body?.piece.mark ?? '?'}`
      : port === null
        ? namePart(body.part)
        : `the ${namePort(body.part, port)}`;
  const first = say(one, goes.port);
  return `${first} in ${say(other, takes.port)}`;
}

/** What a group of joints hangs on. */
export const nameLeg = ({ leg }: LaidLeg): string => `Leg ${leg.tag}`;
