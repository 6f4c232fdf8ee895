import { type Catalogue, toPlainEnd, getOwnSeat, listEnds } from '#core/catalogue';
import type { End } from '#core/ends';
import { resolveRules } from '#core/house-rules';
import { END_CLASSES, nameOf, TransitionIndex, makeTransitionTable, type ClassPair } from '#core/transitions';
import { END_CLASS_NAMES } from './end-classes.ts';

/** Every end there is, each thread with the seat it is made with. */
export function listAllEnds({ ends: { threads, tubes } }: Catalogue): readonly End[] {
  const plain = listEnds(threads, tubes).map(toPlainEnd);
  const usual = plain.filter((end) => end.kind !== 'thread' || end.seat === getOwnSeat(end.family));
  return [...new Map(usual.map((end) => [nameOf(end), end])).values()];
}

/** `2–5` leak points over those that are joined, and which share of the pairs that is. */
export function sayCell({ pairs, joined, leaks }: ClassPair): string {
  if (joined === 0) return '–';
  const share = joined === pairs ? 'all' : `${joined} of ${pairs}`;
  if (!leaks) return `make, ${share}`;
  const [least, most] = leaks;
  return `${least === most ? least : `${least}–${most}`}, ${share}`;
}

/** The table of transitions by class of end, as a page to read. */
export function writeTransitionTable(catalogue: Catalogue): string {
  const ends = listAllEnds(catalogue);
  const pairs = makeTransitionTable(new TransitionIndex(catalogue, resolveRules({})), ends);
  const none = pairs.filter(({ joined }) => joined === 0).length;
  const lines = END_CLASSES.flatMap((from) => {
    const row = pairs.filter((pair) => pair.from === from || pair.to === from);
    const met = row.flatMap((pair) => {
      const other = pair.from === from ? pair.to : pair.from;
      return pair.joined === 0 ? [] : [`| ${END_CLASS_NAMES[other]} | ${sayCell(pair)} |`];
    });
    const never = row
      .filter(({ joined }) => joined === 0)
      .map((pair) => END_CLASS_NAMES[pair.from === from ? pair.to : pair.from]);
    return [
      `## ${END_CLASS_NAMES[from]}`,
      '',
      ...(met.length > 0
        ? ['| with | leak points of the best chain, and how many of all pairs |', '| --- | --- |', ...met, '']
        : []),
      ...(never.length > 0 ? [`Nothing in the catalogue joins it to: ${never.join('; ')}.`, ''] : []),
    ];
  });
  return `${[
    '# Transitions by class of end',
    '',
    `Written by \`npm run matrix\` from the search itself: every one of ${ends.length} ends (each thread with the seat it is made with) with every other, over the whole catalogue, under the house rules as they come, one of the two free to be turned, no place asked about, narrowing allowed. Ends of a cylinder are on its pressure, all others on an appliance's, so that a regulator has to stand between.`,
    '',
    `“2–5, 676 of 784”: of 784 pairs 676 are joined, the best chains leak in two to five places, both joints to the ends counted in; pairs that make as they are count as joined. Of ${pairs.length} pairs of classes ${none} are joined by nothing at all: the search leaves nothing out, so that is certain for this catalogue. A house that allows olives or solder joins more; parts of the shop's own may.`,
    '',
    ...lines,
  ].join('\n')}`;
}
