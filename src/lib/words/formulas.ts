import type { FormulaCode, Quantity, Term, Working } from '#core/runs/explaining';
import type { LengthUnit } from '#core/units';
import { sayExact, sayNumber } from './length-text.ts';
import { CONFIDENCE_NAMES, STANDING_NAMES } from './parts.ts';

export const QUANTITY_NAMES: Readonly<Record<Quantity, string>> = {
  'cut-length': 'cut length',
  'on-tape': 'on the tape',
  'centre-to-centre': 'centre-to-centre',
  'face-to-face': 'face-to-face',
  'take-off': 'allowance',
  reach: 'centre-to-face',
  engagement: 'engagement',
  'hand-tight': 'hand-tight length L1',
  turns: 'turns past hand-tight',
  'threads-per-inch': 'threads per inch',
  'thread-length': 'thread cut',
  'threads-showing': 'threads showing',
  'rounding-error': 'rounding',
  'turns-asked': 'turns past hand-tight asked',
  'reach-male': 'centre to male end',
  set: 'set',
  roll: 'roll',
  'true-set': 'true set',
  run: 'run',
  travel: 'travel',
  measured: 'as measured',
  'to-centre': 'to the centre',
  'between-centres': 'between centres',
  place: 'place in the leg',
  nipple: 'nipple',
  'line-error': 'rounding of the line',
  developed: 'developed way',
  straight: 'straight, crossing to crossing',
  gain: 'gain of a bend',
  radius: 'radius to the centre line',
  degrees: 'angle of the bend, degrees',
  setback: 'setback',
  arc: 'arc',
  slack: 'slack',
  trim: 'to trim in place',
  'goes-in': 'goes in',
  slant: 'slant',
};

/** Each formula as a fitter would say it, and with `#1 #2 #3` where its terms go. */
export const FORMULAS: Readonly<Record<FormulaCode, { readonly says: string; readonly values: string }>> = {
  'cut-by-allowances': { says: 'centre-to-centre − allowance − allowance', values: '#1 − #2 − #3' },
  'face-to-face': { says: 'centre-to-centre − centre-to-face − centre-to-face', values: '#1 − #2 − #3' },
  'cut-by-make-in': { says: 'face-to-face + make-in + make-in', values: '#1 + #2 + #3' },
  'on-tape': { says: 'cut length, to the nearest mark', values: '#1, rounded by #2' },
  'on-tape-in-line': {
    says: 'cut length, marked so that the line of pieces ends on its own mark',
    values: '#1, with #2',
  },
  nipple: { says: 'the bought nipple nearest to the cut', values: '#1, off by #2' },
  'true-set': { says: '√(set² + roll²)', values: '√(#1² + #2²)' },
  'run-of-offset': { says: 'at 45° the run is the true set', values: '#1' },
  travel: { says: 'true set × √2', values: '√(#1² + #2²) × √2' },
  'made-up': { says: 'centre to male end + centre-to-face − engagement', values: '#1 + #2 − #3' },
  'measure-to-centres': {
    says: 'as measured, and what its two points lie from the centres',
    values: '#1 + #2 + #3',
  },
  'sum-of-measures': { says: 'what the measures come to', values: '' },
  'along-slant': { says: 'as far as that comes to along the slanting leg', values: '#1 × #2' },
  setback: { says: 'setback: radius × tan(angle ÷ 2)', values: '#1 × tan(#2° ÷ 2)' },
  arc: { says: 'arc: π × radius × angle ÷ 180', values: 'π × #1 × #2° ÷ 180' },
  gain: { says: 'gain: two setbacks less the arc', values: '2 × #1 − #2' },
  developed: { says: 'the straights between crossings, less the gain of each bend', values: '' },
  'on-tape-tube': { says: 'the tube itself, what it is cut longer, to the nearest mark', values: '' },
  'between-places': { says: 'place of the one − place of the other', values: '#1 − #2' },
  'take-off': { says: 'centre-to-face − engagement', values: '#1 − #2' },
  'engagement-shop-table': { says: 'shop table of normal engagement', values: '#1' },
  'engagement-hand-tight-plus-turns': {
    says: 'hand-tight length + turns ÷ threads per inch',
    values: '#1 + #2 ÷ #3',
  },
  'engagement-own-measured': { says: 'measured on this shop’s own dies and fittings', values: '#1' },
  'turns-past-hand-tight': {
    says: '(engagement − hand-tight length) × threads per inch',
    values: '(#1 − #2) × #3',
  },
  'threads-showing': { says: '(thread cut − engagement) × threads per inch', values: '(#1 − #2) × #3' },
};

/** A term's value with its unit. */
export const sayTerm = (term: Term, unit: LengthUnit): string =>
  term.isLength ? sayExact(term.value, unit).replace(/^-/, '−') : sayNumber(term.value, 2);

/** A working with its values put in: `43.25 in − 0.7475 in − 0.7475 in`. A sum has as many terms as it needs. */
export function sayValues(working: Working, unit: LengthUnit): string {
  const { values } = FORMULAS[working.formula];
  if (!values) return tidySigns(working.terms.map((term) => sayTerm(term, unit)).join(' + '));
  const put = values.replace(/#(\d)/g, (_, place: string) => {
    const term = working.terms[Number(place) - 1];
    return term ? sayTerm(term, unit) : '?';
  });
  return tidySigns(put);
}

/** Adding a negative is subtracting. */
const tidySigns = (text: string): string => text.replaceAll('+ −', '− ').replaceAll('− −', '+ ');

/** Where a term's figure is from and how sure it is; empty for a figure that was worked out or measured here. */
export function saySource({ provenance, standing }: Term): string {
  const parts = provenance ? [provenance.source, CONFIDENCE_NAMES[provenance.confidence]] : [];
  if (standing && standing !== 'published') parts.push(STANDING_NAMES[standing]);
  return parts.join(', ');
}
