import type { Part, TaperFamily } from '../catalogue/part.ts';
import { getThreadFamily } from '../catalogue/pipe.ts';
import type { ThreadFamily } from '../catalogue/thread-family.ts';
import type { SpecimenEnd } from '../identify/specimen.ts';
import type { Fitting } from './fitting.ts';
import { isMaleAt } from './leg-direction.ts';
import type { Leg, Terminal } from './run.ts';

/** Which taper thread makes up with a thread found in place; others need a transition. R goes into Rc and into Rp. */
const MAKES_WITH: Partial<Readonly<Record<ThreadFamily, TaperFamily>>> = {
  npt: 'NPT',
  nptf: 'NPT',
  r: 'R',
  rc: 'R',
  rp: 'R',
};

/**
 * What was found in place, joined to a leg: pipe makes up in a female taper thread of its size; a male one takes a
 * fitting straight on. It is measured from its own mouth or end: nothing of it stands between.
 */
export function joinExisting(node: string, end: SpecimenEnd, leg: Leg): Fitting {
  const { size } = leg;
  if (end.certainty === 'tie') return { kind: 'none', refusal: { code: 'existing-end-not-told-apart', end } };
  const gender = isMaleAt(leg, node) ? 'male' : 'female';
  const family = getThreadFamily(leg.material);
  const fits = MAKES_WITH[end.family] === family && end.gender === gender && end.size === size;
  if (!fits) return { kind: 'none', refusal: { code: 'existing-end-takes-no-pipe', end, size } };
  const name = `${family.toLowerCase()}-${gender}`;
  return takeAsFound('existing', `as-found/${name}/${size}`, family, gender, leg);
}

/** The inlet of an appliance: a female one takes the pipe, a male one a fitting straight on. */
export function joinAppliance(
  node: string,
  terminal: Extract<Terminal, { kind: 'appliance' }>,
  leg: Leg,
): Fitting {
  const { gender } = terminal;
  if (isMaleAt(leg, node) !== (gender === 'male')) {
    return { kind: 'none', refusal: { code: 'male-meets-male', part: 'appliance' } };
  }
  const family = getThreadFamily(leg.material);
  return takeAsFound('appliance', `appliance/${family}-${gender}/${leg.size}`, family, gender, leg);
}

function takeAsFound(
  kind: 'existing' | 'appliance',
  id: string,
  family: TaperFamily,
  gender: 'male' | 'female',
  leg: Leg,
): Fitting {
  const by = gender === 'female' ? 'measured from its mouth' : 'measured from its end';
  const part: Part = {
    id,
    kind,
    size: leg.size,
    material: 'as-found',
    ports: [
      { id: 'mouth', end: { family, size: leg.size, gender }, reach: { standing: 'entered', length: 0, by } },
    ],
    outside: null,
  };
  return { kind: 'part', part, legs: [leg] };
}
