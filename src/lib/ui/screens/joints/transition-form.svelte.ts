import { isOfCylinder, type Side } from '#core/catalogue';
import type { End } from '#core/ends';
import type { Gas, Jurisdiction } from '#core/house-rules';
import type { ZoneId } from '#core/permissions';
import { type Bearer, type Movement, type Wish, nameOf } from '#core/transitions';
import type { TransitionAsked } from './transition-message.ts';

/** What is usually the case of an end nobody has said it of: a cylinder's own is on a cylinder, a connector's nut on a connector. */
const guessBearer = (end: End): Bearer =>
  isOfCylinder(end)
    ? 'cylinder'
    : end.kind === 'thread' && end.family === 'connector' && end.gender === 'female'
      ? 'flexible'
      : 'pipe';

const SIDE_OF: Readonly<Record<Bearer, Side>> = {
  pipe: 'appliance',
  appliance: 'appliance',
  movable: 'appliance',
  cylinder: 'cylinder',
  flexible: 'appliance',
};

interface Said {
  /** The end it was said of. */
  readonly of: string;
  readonly bearer: Bearer;
  readonly side: Side | null;
}

/** What is asked beside the two ends; what was not said follows from them. */
export class TransitionForm {
  moves = $state<[Movement, Movement]>(['turns', 'fixed']);
  /** What was said of an end holds for that end: of another one it is guessed anew. */
  #said = $state<[Said | null, Said | null]>([null, null]);
  gas = $state<Gas | null>(null);
  zone = $state<ZoneId | null>(null);
  insulates = $state(false);
  ammonia = $state(false);
  mayNarrow = $state(false);
  wish = $state<Wish>('leaks');
  readonly #ends: () => readonly [End, End];

  constructor(
    ends: () => readonly [End, End],
    gas: Gas | null,
    bearers: readonly [Bearer | null, Bearer | null],
  ) {
    this.#ends = ends;
    this.#known = bearers;
    this.gas = gas;
  }

  readonly #known: readonly [Bearer | null, Bearer | null];

  #getSaid(i: number): Said | null {
    const said = this.#said[i] ?? null;
    return said?.of === nameOf(this.#ends()[i]!) ? said : null;
  }
  bearers = $derived.by(
    () =>
      this.#ends().map((end, i) => this.#getSaid(i)?.bearer ?? this.#known[i] ?? guessBearer(end)) as [
        Bearer,
        Bearer,
      ],
  );
  sides = $derived.by(
    () => this.bearers.map((bearer, i) => this.#getSaid(i)?.side ?? SIDE_OF[bearer]) as [Side, Side],
  );
  /** Where all is on one low pressure there is nothing to say of it. */
  hasSides = $derived(this.bearers.includes('cylinder') || this.sides.some((side) => side !== 'appliance'));

  /** What an end is on: what was said of its pressure goes with what it was on. */
  sayBearer(i: 0 | 1, bearer: Bearer): void {
    this.#said[i] = { of: nameOf(this.#ends()[i]), bearer, side: null };
  }

  saySide(i: 0 | 1, side: Side): void {
    this.#said[i] = { of: nameOf(this.#ends()[i]), bearer: this.bearers[i], side };
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
