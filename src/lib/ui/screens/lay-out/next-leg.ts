import type { Material } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import type { Way } from '#core/geometry';
import type { RefPoint } from '#core/runs/document';
import type { Length } from '#core/units';

/**
 * What kind of leg comes next: pipe or tube, an offset between two 45° elbows, fitting straight into fitting, a flexible connector, or tubing
 * measured along its way.
 */
export type LegKind = 'pipe' | 'offset' | 'fitting' | 'connector' | 'route';

/** How it goes, as far as that is said: its way, and whether the next direction picked makes a 45° with the one that stands. */
interface Course {
  readonly axis: Way | null;
  readonly slanting: boolean;
}

/** The next leg, by what it is. Of fitting in fitting somebody's end is the male one; an offset has ways of its own. */
export type Going =
  | ({ readonly kind: Exclude<LegKind, 'fitting'> } & Course)
  | ({ readonly kind: 'fitting'; readonly male: 'from' | 'to' } & Course);

/** A point a measure is taken from or to, as it is picked. */
export interface PickedPoint {
  readonly at: RefPoint;
  readonly gap: Length;
}

/** What is said of the next leg before it is entered; what is null was not picked, and follows from the leg it grows from. */
export interface NextLeg {
  readonly going: Going;
  readonly of: { readonly material: Material | null; readonly size: LegSize | null };
  /** Its measure as typed, and between which points: `datum` stays until it is let go; null for the point the leg grows from. */
  readonly measure: {
    readonly typed: string;
    readonly datum: string | null;
    readonly from: PickedPoint;
    readonly to: PickedPoint;
  };
}

/** What can be said of it. */
export type Saying =
  | { readonly says: 'kind'; readonly kind: LegKind }
  | { readonly says: 'way'; readonly axis: Way | null }
  /** Two directions make a 45°: the one picked last lies between. */
  | { readonly says: 'diagonal'; readonly axis: Way }
  | { readonly says: 'slant' }
  | { readonly says: 'male'; readonly male: 'from' | 'to' }
  | { readonly says: 'material'; readonly material: Material; readonly isTube: boolean }
  | { readonly says: 'size'; readonly size: LegSize | null }
  | { readonly says: 'typed'; readonly typed: string }
  | { readonly says: 'datum'; readonly datum: string | null }
  | { readonly says: 'from' | 'to'; readonly point: PickedPoint }
  /** It was entered: the next one is pipe again, in the material and from the datum of this one. */
  | { readonly says: 'entered' };

const CENTRE: PickedPoint = { at: 'centre', gap: 0 };

export const NOTHING_SAID: NextLeg = {
  going: { kind: 'pipe', axis: null, slanting: false },
  of: { material: null, size: null },
  measure: { typed: '', datum: null, from: CENTRE, to: CENTRE },
};

/** An offset and fitting in fitting are none of tube's, and only tube is measured along its way. */
const OF_PIPE: readonly LegKind[] = ['offset', 'fitting'];
const goOn = (going: Going, isTube: boolean): Going =>
  (isTube ? OF_PIPE.includes(going.kind) : going.kind === 'route') ? turnInto(going, 'pipe') : going;

/** Its way is kept whatever it becomes. */
function turnInto({ axis, slanting }: Going, kind: LegKind): Going {
  return kind === 'fitting' ? { kind, axis, slanting, male: 'to' } : { kind, axis, slanting };
}

/** The next leg after something was said of it. What was not spoken of stays the very same object. */
export function say(next: NextLeg, saying: Saying): NextLeg {
  const { going, of, measure } = next;
  switch (saying.says) {
    case 'kind':
      return saying.kind === going.kind ? next : { ...next, going: turnInto(going, saying.kind) };
    case 'way':
      return { ...next, going: { ...going, axis: saying.axis } };
    case 'diagonal':
      return { ...next, going: { ...going, axis: saying.axis, slanting: false } };
    case 'slant':
      return { ...next, going: { ...going, slanting: !going.slanting } };
    case 'male':
      return going.kind === 'fitting' ? { ...next, going: { ...going, male: saying.male } } : next;
    case 'material':
      return {
        ...next,
        going: goOn(going, saying.isTube),
        of: { material: saying.material, size: null },
      };
    case 'size':
      return { ...next, of: { ...of, size: saying.size } };
    case 'typed':
      return { ...next, measure: { ...measure, typed: saying.typed } };
    case 'datum':
      return { ...next, measure: { ...measure, datum: saying.datum } };
    case 'from':
    case 'to':
      return { ...next, measure: { ...measure, [saying.says]: saying.point } };
    case 'entered': {
      const from = measure.datum === null ? CENTRE : measure.from;
      return {
        going: NOTHING_SAID.going,
        of: { ...of, size: null },
        measure: { ...measure, typed: '', from, to: CENTRE },
      };
    }
  }
}
