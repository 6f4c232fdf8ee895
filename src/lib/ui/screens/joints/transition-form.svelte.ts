import { isOfCylinder, type Side } from '#core/catalogue/side.ts';
import type { End } from '#core/ends/end.ts';
import type { Gas, Jurisdiction } from '#core/house-rules/jurisdictions.ts';
import type { ZoneId } from '#core/permissions/zone.ts';
import type { Bearer, Movement, Wish } from '#core/transitions/find-transitions.ts';
import type { TransitionAsked } from './transition-message.ts';

/** What is usually the case of an end nobody has said it of: a cylinder's own is on a cylinder, a connector's nut on a connector. */
const guessBearer = (end: End): Bearer =>
  isOfCylinder(end) ? 'cylinder' : end.kind === 'thread' && end.family === 'connector' && end.gender === 'female' ? 'flexible' : 'pipe'; // prettier-ignore

const SIDE_OF: Readonly<Record<Bearer, Side>> = {
  pipe: 'appliance',
  appliance: 'appliance',
  cylinder: 'cylinder',
  flexible: 'appliance',
};

/** What is asked beside the two ends; what was not said follows from them. */
export class TransitionForm {
  moves = $state<[Movement, Movement]>(['turns', 'fixed']);
  #bearers = $state<[Bearer | null, Bearer | null]>([null, null]);
  #sides = $state<[Side | null, Side | null]>([null, null]);
  gas = $state<Gas | null>(null);
  zone = $state<ZoneId | null>(null);
  insulates = $state(false);
  ammonia = $state(false);
  mayNarrow = $state(false);
  wish = $state<Wish>('leaks');
  readonly #ends: () => readonly [End, End];

  constructor(ends: () => readonly [End, End], gas: Gas | null) {
    this.#ends = ends;
    this.gas = gas;
  }

  bearers = $derived.by(
    () => this.#ends().map((end, i) => this.#bearers[i] ?? guessBearer(end)) as [Bearer, Bearer],
  );
  sides = $derived.by(
    () => this.bearers.map((bearer, i) => this.#sides[i] ?? SIDE_OF[bearer]) as [Side, Side],
  );
  /** Where all is on one low pressure there is nothing to say of it. */
  hasSides = $derived(this.bearers.includes('cylinder') || this.sides.some((side) => side !== 'appliance'));

  /** What an end is on: what was said of its pressure goes with what it was on. */
  sayBearer(i: 0 | 1, bearer: Bearer): void {
    this.#bearers[i] = bearer;
    this.#sides[i] = null;
  }

  saySide(i: 0 | 1, side: Side): void {
    this.#sides[i] = side;
  }

  /** The question as the thread takes it. */
  toQuestion(
    from: End,
    to: End,
    jurisdiction: Jurisdiction,
  ): Omit<TransitionAsked, 'id' | 'rules' | 'shopParts'> {
    const { gas, insulates, mayNarrow, wish, zone, ammonia } = this;
    return {
      from,
      to,
      moves: [...this.moves],
      bearers: [...this.bearers],
      sides: [...this.sides],
      gas,
      insulates,
      mayNarrow,
      wish,
      where: { zone, jurisdiction, ammonia },
    };
  }
}
