import type { Finding, FindingCode, Severity } from '#core/runs/finding.ts';
import { sayExact, sayLength, sayNumber } from './length-text.ts';
import type { LengthUnit } from '#core/units/length.ts';
import { sayFittingRefusal } from './fitting-refusals.ts';

export const SEVERITY_NAMES: Readonly<Record<Severity, string>> = {
  stop: 'Do not cut',
  ask: 'Ask first',
  note: 'Note',
};

type Sentences = {
  readonly [Code in FindingCode]: (finding: Extract<Finding, { code: Code }>, unit: LengthUnit) => string;
};

const SENTENCES: Sentences = {
  'measure-missing': ({ mark }) => `Leg ${mark} has no measure. Measure it centre to centre.`,
  'measures-contradict': ({ mark, values }, unit) =>
    `Leg ${mark} has measures that differ: ${values.map((value) => sayLength(value, unit)).join(' and ')}. Measure again and keep one.`,
  'no-fitting': ({ marks, refusal }) => `Where legs ${marks.join(', ')} meet: ${sayFittingRefusal(refusal)}`,
  'pieces-collide': ({ mark, by }, unit) =>
    by === 0
      ? `Leg ${mark}: nothing is left to cut, the pipe ends would touch. Measure again or move one fitting.`
      : `Leg ${mark}: the fittings at its ends collide by ${sayExact(by, unit)}. Move one of them at least that much.`,
  'nipple-fits': ({ mark, size, cut, nipple, off }, unit) =>
    `Leg ${mark}: ${sayExact(cut, unit)} is too short to thread. Buy a ${size} nipple ${sayLength(nipple, 'in')}${off === 0 ? '' : `, ${sayExact(Math.abs(off), unit)} ${off > 0 ? 'longer' : 'shorter'}: bought nipples vary by about as much`}.`,
  'too-short-to-thread': ({ mark, cut, needed, nearest, move }, unit) =>
    `Leg ${mark}: ${sayExact(cut, unit)} is too short to thread (two threads and the vise’s grip need ${sayExact(needed, unit)}), and no nipple is as long. ${nearest === null || move === null ? '' : `Make the leg ${sayExact(Math.abs(move), unit)} ${move > 0 ? 'longer' : 'shorter'} for a nipple ${sayLength(nearest, 'in')}, or `}${nearest === null ? 'Make it' : 'make it'} ${sayExact(needed - cut, unit)} longer to cut it from pipe.`,
  'engagement-not-measured': ({ size }) =>
    `No engagement of your own for ${size} has been entered. Measure made-up test pieces and enter it in House rules, or choose another school there. No cut is given until then.`,
  'size-not-carried': ({ size }) => `The catalogue does not carry ${size}. Choose another size.`,
  'part-length-unknown': ({ mark }) =>
    `Leg ${mark}: a part at its end has no known length. Measure this part; no cut is given until then.`,
  'part-length-typical': ({ mark, plusMinus }, unit) =>
    `Leg ${mark}: a part at its end has a typical length only (± ${sayLength(plusMinus, unit)}). Measure yours before cutting.`,
  'turns-outside-window': ({ size, turns, window }) =>
    `${size}: the engagement chosen means ${sayNumber(turns, 1)} turns past hand-tight; usual is ${window.least} to ${window.most}. The house rule “engagement figure” decides.`,
  'longer-than-stock': ({ mark, stock }, unit) =>
    `Leg ${mark} is longer than a stock length (${sayLength(stock, unit)}). End it where a coupling will sit and go on from there.`,
  'open-end': ({ mark }) => `Leg ${mark} ends open. Cap it before gas comes, even behind a shut valve.`,
  'loop-misses': ({ mark, by }, unit) =>
    `The loop closed by leg ${mark} misses by ${sayLength(by, unit)}. Check the measures round it.`,
  'cut-for-no-place': ({ length, by }, unit) =>
    `A piece of ${sayLength(length, unit)} was cut by ${by} for a place that no longer exists. Keep it as stock?`,
  'catalogue-changed': ({ pinned, now }) =>
    `This run was laid out with catalogue ${pinned}; the figures shown are of ${now}. Compare the cuts before using an old sheet.`,
};

/** The sentence of a finding, lengths in the job's unit. */
export function sayFinding(finding: Finding, unit: LengthUnit): string {
  const say = SENTENCES[finding.code] as (finding: Finding, unit: LengthUnit) => string;
  return say(finding, unit);
}
