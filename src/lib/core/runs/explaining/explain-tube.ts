import { putOnTape } from '#core/units';
import { readDepth, readReach } from './explain-joint.ts';
import { count, term, type Working } from './explanation.ts';
import type { Piece } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';

/**
 * The workings of a tube: each bend that differs, its way as the sum of the straights less the gains, what its ends take off, and what is cut
 * longer. Null while it is not known.
 */
export function explainTube(piece: Piece, { rules }: RunLayout): Working[] | null {
  const { path, developed, cut, ends } = piece;
  if (!path || !developed || !cut) return null;
  const bends = new Map(developed.bends.map((bend) => [`${bend.radius} ${bend.degrees}`, bend]));
  const workings: Working[] = [...bends.values()].flatMap(({ radius, degrees, setback, arc, gain }) => {
    const of = [term('radius', radius), count('degrees', degrees)];
    return [
      { formula: 'setback', result: term('setback', setback), terms: of, rule: 'bender-radius' },
      { formula: 'arc', result: term('arc', arc), terms: of, rule: null },
      {
        formula: 'gain',
        result: term('gain', gain),
        terms: [term('setback', setback), term('arc', arc)],
        rule: null,
      },
    ];
  });
  const centres = term('developed', developed.length);
  const straights = path.straights.map((straight) => term('straight', straight ?? 0));
  const gains = developed.bends.map(({ gain }) => term('gain', -gain));
  workings.push({ formula: 'developed', result: centres, terms: [...straights, ...gains], rule: null });
  for (const end of ends) {
    if (end.takeOff === null || !end.joint || end.thread) continue;
    const taken = term('take-off', end.takeOff, { end: end.id });
    workings.push({
      formula: 'take-off',
      result: taken,
      terms: [readReach(end), readDepth(end)],
      rule: null,
    });
  }
  const exact = term('cut-length', cut.exact);
  // What is irrational is rounded to a nanometre once, where the tube is cut.
  const whole = term('developed', Math.round(developed.length));
  const taken = ends.map((end) => term('take-off', end.takeOff ?? 0, { end: end.id }));
  workings.push({ formula: 'cut-by-allowances', result: exact, terms: [whole, ...taken], rule: null });
  const { length } = putOnTape(cut.whole, rules['tape-rounding'].option);
  const adds = [term('slack', cut.slack), term('trim', cut.trim), term('rounding-error', cut.onTape.error)];
  workings.push({
    formula: 'on-tape-tube',
    result: term('on-tape', length),
    terms: [exact, ...adds.filter(({ value }) => value !== 0)],
    rule: cut.slack > 0 ? 'tube-slack' : 'tape-rounding',
  });
  return workings;
}
