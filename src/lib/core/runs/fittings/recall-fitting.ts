import type { Catalogue } from '#core/catalogue';
import type { Link } from './chains.ts';
import type { Fitting } from './fitting.ts';
import { getAdapterId } from './join-by-adapters.ts';
import { findWayFrom, hasPipe, isMaleAt, type Leg, type RunNode } from '#core/runs/document';

/** A fitting without the place it was inferred at: which of the legs is in which port, what adapts it. */
interface Recipe {
  readonly fitting: Fitting;
  readonly order: readonly number[];
  readonly adapters: readonly (readonly [leg: number, link: Link])[] | null;
}

const recipesIn = new WeakMap<Catalogue, Map<string, Recipe>>();

/**
 * What is inferred from how legs meet at a node, worked out once for all that meet alike: most nodes of a run do. `infer` must rest on
 * nothing but the ways, kinds and settings of the legs, the kind of the node's terminal and its choice of a part.
 */
export function recallFitting(
  node: RunNode,
  legs: readonly Leg[],
  catalogue: Catalogue,
  infer: (node: RunNode, legs: readonly Leg[], catalogue: Catalogue) => Fitting,
): Fitting {
  const look = describe(node, legs);
  if (look === null) return infer(node, legs, catalogue);
  const known = recipesIn.get(catalogue) ?? new Map<string, Recipe>();
  if (known.size === 0) recipesIn.set(catalogue, known);
  let recipe = known.get(look);
  if (!recipe) {
    recipe = readRecipe(infer(node, legs, catalogue), legs);
    known.set(look, recipe);
  }
  return putTo(node, legs, recipe);
}

/** All that a fitting is inferred from; null for ways that have no name. */
function describe({ id, part, terminal }: RunNode, legs: readonly Leg[]): string | null {
  let look = part.kind === 'chosen' ? part.part : '';
  if (terminal) look += ` ${terminal.kind}`;
  for (const leg of legs) {
    const way = findWayFrom(leg, id);
    if (way === null) return null;
    const end = isMaleAt(leg, id) ? 'male' : hasPipe(leg) ? 'pipe' : 'bought';
    look += `;${way} ${end} ${leg.system} ${leg.material} ${leg.size} ${leg.stock}`;
  }
  return look;
}

function readRecipe(fitting: Fitting, legs: readonly Leg[]): Recipe {
  if (fitting.kind !== 'part') return { fitting, order: [], adapters: null };
  const order = fitting.legs.map(({ id }) => legs.findIndex((leg) => leg.id === id));
  const adapters =
    fitting.adapters &&
    Object.entries(fitting.adapters).map(
      ([leg, link]) => [legs.findIndex(({ id }) => id === leg), link] as const,
    );
  return { fitting, order, adapters };
}

function putTo(node: RunNode, legs: readonly Leg[], { fitting, order, adapters }: Recipe): Fitting {
  if (fitting.kind !== 'part') return fitting;
  const met = order.map((i) => legs[i]!);
  return {
    kind: 'part',
    part: fitting.part,
    legs: met,
    adapters: adapters && nameLinks(node, legs, adapters),
  };
}

function nameLinks(
  node: RunNode,
  legs: readonly Leg[],
  links: NonNullable<Recipe['adapters']>,
): Readonly<Record<string, Link>> {
  const named: Record<string, Link> = {};
  for (const [i, link] of links) {
    const { id } = legs[i]!;
    named[id] = { ...link, id: getAdapterId(node.id, id) };
  }
  return named;
}
