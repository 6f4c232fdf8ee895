import { getPartTraits } from '#core/catalogue';
import type { Jurisdiction } from '#core/house-rules';
import { getCraft } from '#core/materials';
import { isCorrugated, isRigid } from '#core/permissions';
import { hasPipe, findSource } from '#core/runs/document';
import type { LaidLeg } from '#core/runs/pieces';
import { isInGround } from '#core/runs/reading';
import { getStretches, perStretch, type LegStretch, type RunLayout } from '#core/runs/layout';
import { type Length, getTapeUnit, onTapeOf, roundFeet } from '#core/units';

/** What the bond of one stretch of metal comes to: everything that current passes along, up to what insulates. */
export interface Bonding {
  /** Corrugated tubing in it, in walking order: that is bonded directly. */
  readonly tubing: readonly LaidLeg[];
  /** All its pipe of metal, in walking order. */
  readonly metal: readonly LaidLeg[];
  /**
   * Rigid pipe on which its clamp may go: what the tubing is made up to, otherwise any of it; never the tubing itself, and never what is the
   * supplier's. Empty where there is none in this run.
   */
  readonly clampOn: readonly LaidLeg[];
  /** `supplier`: it lies on the source's side of buried plastic, where meter and riser are not the building's: asked. */
  readonly side: 'building' | 'supplier';
  /** Typical in North America: the listed instructions and the electrical code go before it; null where the wiring rules of the place say it. */
  readonly conductor: '6 AWG copper' | '16 mm² copper' | null;
  readonly longest: Length | null;
}

/** Typical length limit of the bonding conductor, from where it is clamped to the electrode system: the model codes of North America. */
const LONGEST = roundFeet(75);

/** The conductor typical there (13.3 mm²), and the next size that is no thinner where conductors are sold by their cross-section. */
const CONDUCTORS = { in: '6 AWG copper', mm: '16 mm² copper' } as const;

/**
 * What has to be bonded in a run, one for each stretch of metal: each that has corrugated tubing in it, and each that plastic or an insulating part
 * cuts off from the rest. Empty for a run that is metal from end to end without tubing: what it is joined to bonds it.
 */
export function listBondings(layout: RunLayout, jurisdiction: Jurisdiction): readonly Bonding[] {
  const stretches = findStretches(layout);
  const source = findSource(layout.doc);
  const isNorthAmerican = jurisdiction === 'us-model' || jurisdiction === 'canada';
  const isCut = stretches.length > 1 || isInGround(layout);
  return stretches.flatMap((metal): Bonding[] => {
    const tubing = metal.filter(({ leg }) => isCorrugated(leg.material));
    if (tubing.length === 0 && !isCut) return [];
    const isSupplier = isCut && metal.some(({ near, far }) => near === source || far === source);
    const ends = new Set(tubing.flatMap(({ near, far }) => [near, far]));
    const rigid = metal.filter(({ leg }) => isRigid(leg.material));
    const clampOn =
      tubing.length === 0 ? rigid : rigid.filter(({ near, far }) => ends.has(near) || ends.has(far));
    return [
      {
        tubing,
        metal,
        clampOn: isSupplier ? [] : clampOn,
        side: isSupplier ? 'supplier' : 'building',
        conductor: isNorthAmerican ? CONDUCTORS[getTapeUnit(layout.rules)] : null,
        longest: isNorthAmerican ? onTapeOf(layout.rules, LONGEST) : null,
      },
    ];
  });
}

const listOfMetal = perStretch(({ legs }: LegStretch) => legs.filter(({ leg }) => hasPipe(leg)));
const isAllMetal = perStretch(({ legs }: LegStretch): boolean =>
  legs.every(({ leg }) => !getCraft(leg).isForGround && leg.geometry.kind !== 'connector'),
);

/** Legs of metal that hang together: neither plastic nor a part that insulates lies between. In walking order. */
function findStretches(layout: RunLayout): LaidLeg[][] {
  const { legs, nodes, chains } = layout;
  const insulated = new Set(
    [...chains.at].flatMap(([end, { links }]) =>
      links.some(({ part }) => getPartTraits(part.kind).insulates) ? [end] : [],
    ),
  );
  const parted = getStretches(layout).legs;
  // A tree of metal that nothing parts is one: that is most runs.
  const isOne = legs.size === nodes.size - 1 && layout.closing.length === 0 && insulated.size === 0;
  if (isOne && parted.every((stretch) => isAllMetal(stretch, layout))) {
    const metal = parted.flatMap((stretch) => listOfMetal(stretch, layout));
    return metal.length > 0 ? [metal] : [];
  }
  const at = new Map<string, Metal>();
  const join = (node: string, own: Metal): void => {
    const other = at.get(node);
    if (!other) at.set(node, own);
    else if (findWhole(other) !== findWhole(own)) findWhole(other).over = findWhole(own);
  };
  const metal: (readonly [LaidLeg, Metal])[] = [];
  for (const laid of legs.values()) {
    const { id, leg, near, far } = laid;
    if (getCraft(leg).isForGround || leg.geometry.kind === 'connector') continue;
    const isApart = (node: string): boolean => insulated.size > 0 && insulated.has(`${node}:${id}`);
    const before = isApart(near) ? undefined : at.get(near);
    const own = before ? findWhole(before) : { over: null };
    metal.push([laid, own]);
    if (!before && !isApart(near)) at.set(near, own);
    if (!isApart(far)) join(far, own);
  }
  // A stretch stands where the last of its legs does.
  const stretches = new Map<Metal, LaidLeg[]>();
  const lasts = new Map<Metal, number>();
  for (const [i, [laid, own]] of metal.entries()) {
    const whole = findWhole(own);
    const stretch = stretches.get(whole);
    if (stretch) stretch.push(laid);
    else stretches.set(whole, [laid]);
    lasts.set(whole, i);
  }
  const inOrder = [...stretches].sort(([a], [b]) => lasts.get(a)! - lasts.get(b)!);
  return inOrder
    .map(([, stretch]) => stretch.filter(({ leg }) => hasPipe(leg)))
    .filter(({ length }) => length > 0);
}

/** Metal that hangs together: where two came to hang together later, one is over the other. */
interface Metal {
  over: Metal | null;
}

function findWhole(metal: Metal): Metal {
  let whole = metal;
  while (whole.over) whole = whole.over;
  // Who was asked leads there at once from now on.
  for (let each = metal; each.over && each.over !== whole;) {
    const { over } = each;
    each.over = whole;
    each = over;
  }
  return whole;
}
