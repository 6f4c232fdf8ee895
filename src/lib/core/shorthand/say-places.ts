import type { NewId } from '#core/runs/commands';
import type { Passage, PrintedOn, RunDoc } from '#core/runs/document';
import type { LegSentence, SaidMarking, SaidNode } from './sentence.ts';

/** What lines say of where legs and points are, and of what is printed there. */
export interface SaidPlaces {
  /** Leg → its line. */
  readonly legs: ReadonlyMap<string, LegSentence>;
  /** Point → what was said of it, the last word of each. */
  readonly nodes: ReadonlyMap<string, Pick<SaidNode, 'cover' | 'marking'>>;
  /** Part in a leg → what is printed on it. */
  readonly parts: ReadonlyMap<string, SaidMarking>;
}

type Places = Pick<RunDoc, 'zones' | 'bearings' | 'covers' | 'prints' | 'passages' | 'fished'>;

/** The places of a written run, in place of those of `base`: what stays of passages keeps its ids. */
export function makePlaces({ legs, nodes, parts }: SaidPlaces, base: RunDoc, newId: NewId): Places {
  const ofLegs = <Entry>(make: (said: LegSentence, id: string) => Entry | null): Record<string, Entry> =>
    Object.fromEntries(
      [...legs].flatMap(([id, said]) => {
        const entry = make(said, id);
        return entry === null ? [] : [[id, entry] as const];
      }),
    );
  const covers = [...nodes].flatMap(([id, { cover }]) =>
    cover ? [[id, { id, cover: cover.value, typed: cover.typed }] as const] : [],
  );
  return {
    zones: ofLegs(({ zone }, id) => zone && { id, zone }),
    bearings: ofLegs(({ bearing }, id) => (bearing === null ? null : { id, degrees: bearing })),
    fished: ofLegs(({ fished }, id) => fished && { id, ...fished }),
    covers: Object.fromEntries(covers),
    prints: {
      ...ofLegs(({ printed }, id) =>
        printed === null ? null : makePrint(id, { text: printed, bury: null }),
      ),
      ...Object.fromEntries(
        [...nodes].flatMap(([id, { marking }]) => (marking ? [[id, makePrint(id, marking)] as const] : [])),
      ),
      ...Object.fromEntries([...parts].map(([id, marking]) => [id, makePrint(id, marking)] as const)),
    },
    passages: makePassages(legs, base, newId),
  };
}

const makePrint = (id: string, { text, bury }: SaidMarking): PrintedOn => ({
  id,
  text,
  bury: bury?.value ?? null,
  typed: bury?.typed ?? '',
});

function makePassages(
  legs: SaidPlaces['legs'],
  base: RunDoc,
  newId: NewId,
): Readonly<Record<string, Passage>> {
  const made: Record<string, Passage> = {};
  for (const [leg, { passages }] of legs) {
    const left = Object.values(base.passages).filter((each) => each.leg === leg);
    for (const said of passages) {
      const same = left.findIndex(({ kind, share }) => kind === said.kind && share === said.share);
      const alike = same < 0 ? left.findIndex(({ kind }) => kind === said.kind) : same;
      const id = (alike < 0 ? undefined : left.splice(alike, 1)[0]?.id) ?? newId();
      made[id] = { id, leg, ...said };
    }
  }
  return made;
}
