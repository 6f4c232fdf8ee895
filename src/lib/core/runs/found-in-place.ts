import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Part, PartKind } from '../catalogue/part.ts';
import { makeTaperEnd } from '../catalogue/taper-end.ts';
import { getThreadFamily } from '../catalogue/pipe.ts';
import { getOppositeGender, type End } from '../ends/end.ts';
import { checkJoint } from '../joints/check-joint.ts';
import { JOINTS } from '../joints/kinds/joint-kinds.ts';
import { makeFoundEnd } from '../joints/specimen-end.ts';
import type { Fitting } from './fitting.ts';
import { isMaleAt } from './leg-direction.ts';
import type { Leg, Terminal } from './run.ts';

/**
 * What was found in place, joined to a leg: by what becomes of the two ends. It is measured from its own mouth or end: nothing of it
 * stands between.
 */
export function joinExisting(
  node: string,
  { end: found }: Extract<Terminal, { kind: 'existing' }>,
  leg: Leg,
  catalogue: Catalogue,
): Fitting {
  const end = makeFoundEnd(found, 'unknown');
  const { verdict, joint } = checkJoint(
    catalogue.ends.figure(getLegEnd(leg, node)),
    catalogue.ends.figure(end),
  );
  if (verdict === 'ask') return { kind: 'none', refusal: { code: 'existing-end-not-told-apart', end } };
  // What seals on a seat or a washer takes no threaded pipe: its nut does not come with the pipe.
  if (joint === null || JOINTS[joint].tightening.by !== 'engagement')
    return { kind: 'none', refusal: { code: 'existing-end-takes-no-pipe', end, size: leg.size } };
  return takeAsFound('existing', end, leg);
}

/** The inlet of an appliance: a female one takes the pipe, a male one a fitting straight on. */
export function joinAppliance(
  node: string,
  { gender }: Extract<Terminal, { kind: 'appliance' }>,
  leg: Leg,
): Fitting {
  if (isMaleAt(leg, node) !== (gender === 'male'))
    return { kind: 'none', refusal: { code: 'male-meets-male', part: 'appliance' } };
  return takeAsFound('appliance', makeTaperEnd(getThreadFamily(leg.material), leg.size, gender), leg);
}

/** What a leg meets a node with: the thread of its pipe, or where it has none the opening of the fitting that comes from its far end. */
const getLegEnd = (leg: Leg, node: string): End =>
  makeTaperEnd(
    getThreadFamily(leg.material),
    leg.size,
    getOppositeGender(isMaleAt(leg, node) ? 'male' : 'female'),
  );

function takeAsFound(kind: Extract<PartKind, 'existing' | 'appliance'>, end: End, leg: Leg): Fitting {
  const by = end.kind === 'thread' && end.gender === 'male' ? 'measured from its end' : 'measured from its mouth'; // prettier-ignore
  const part: Part = {
    id: `${kind}/${JSON.stringify(end)}`,
    kind,
    size: leg.size,
    material: 'as-found',
    ports: [{ id: 'mouth', end, reach: { standing: 'entered', length: 0, by } }],
    outside: null,
  };
  return { kind: 'part', part, legs: [leg] };
}
