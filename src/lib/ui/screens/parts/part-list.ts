import type { Part } from '#core/catalogue';
import { getEndSize } from '#core/ends';
import { END_CLASSES, findEndClass, type EndClass, getEndFigure, readCounterSize } from '#core/transitions';

/** A part with what it joins, worked out once. */
export interface ListedPart {
  readonly part: Part;
  readonly classes: readonly (EndClass | null)[];
  readonly figures: readonly string[];
}

export const listPart = (part: Part): ListedPart => ({
  part,
  classes: part.ports.map(({ end }) => findEndClass(end)),
  figures: part.ports.map(({ end }) => getEndFigure(getEndSize(end))),
});

/** Classes of ends that some part has, in their usual order. */
export function listClassesOf(listed: readonly ListedPart[]): readonly EndClass[] {
  const met = new Set(listed.flatMap(({ classes }) => classes));
  return END_CLASSES.filter((each) => met.has(each));
}

/** Sizes that some part has, the smallest first. */
export const listSizesOf = (listed: readonly ListedPart[]): readonly string[] =>
  [...new Set(listed.flatMap(({ figures }) => figures))]
    .filter((figure) => figure !== '')
    .toSorted((a, b) => readCounterSize(a) - readCounterSize(b));

/** What is looked for; empty where anything will do. */
export interface PartWish {
  /** Those that were named, the likeliest first; null where nothing was. */
  readonly named: readonly Part[] | null;
  readonly one: EndClass | '';
  readonly other: EndClass | '';
  readonly size: string;
}

/** The parts that are all of what is looked for: named ones in the order in which they were likely meant. */
export function filterParts(
  listed: readonly ListedPart[],
  { named, one, other, size }: PartWish,
): readonly Part[] {
  const fits = ({ classes, figures }: ListedPart): boolean => {
    if (size && !figures.includes(size)) return false;
    const at = one ? classes.indexOf(one) : -1;
    if (one && at < 0) return false;
    return !other || classes.some((each, i) => each === other && (!one || i !== at));
  };
  const kept = listed.filter(fits).map(({ part }) => part);
  if (!named) return kept;
  const all = new Set(kept);
  return named.filter((part) => all.has(part));
}
