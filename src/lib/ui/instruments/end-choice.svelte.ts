import {
  UNKNOWN_END,
  NOMINAL_SIZES,
  type NominalSize,
  isPipeThread,
  THREAD_FAMILIES,
  type ThreadFamily,
  type Gender,
  type Seat,
  type Metal,
  type Temper,
} from '#core/ends';
import { catalogue } from '../catalogue.ts';
import { threads } from '../threads.ts';
import {
  type ListedThread,
  type FiguredEnd,
  type FiguredTube,
  getOwnSeat,
  listSeats,
  listSockets,
  listFlanges,
  listUnionHalves,
  makeThreadEnd,
} from '#core/catalogue';
import type { Specimen } from '#core/identify';
import { readEndName, type EndReading, getSpecimenEnd } from '#core/joints';
import { sayEnd } from '#words/pair-verdicts.ts';
import { nameThread } from '#words/threads.ts';

export const TUBE_ENDS = catalogue.ends.tubes;
export const SOCKETS = listSockets(TUBE_ENDS);
export const FLANGES = listFlanges();

/** Everything that can be named, each thread with its own seat. */
export const NAMED_ENDS: readonly FiguredEnd[] = [
  ...threads.threads.map((thread) => makeThreadEnd(thread)),
  ...TUBE_ENDS,
  ...SOCKETS,
  ...FLANGES,
  ...listUnionHalves(),
  UNKNOWN_END,
];

/** A pipe thread is known by its designation, every other one by what it is for. */
export const nameEnd = (end: FiguredEnd): string =>
  end.kind === 'thread' && !isPipeThread(end.thread.family) ? nameThread(end.thread) : sayEnd(end);

/** Reads the name of an end: as the app prints it, or as a fitter says it. */
export const readNamedEnd = (said: string): EndReading =>
  readEndName(said, NAMED_ENDS, (end) => [sayEnd(end), nameEnd(end)]);

/** What can be put on the bench. */
export const END_KINDS = ['thread', 'tube', 'socket', 'flange', 'union-half', 'specimen', 'unknown'] as const;
export type EndKind = (typeof END_KINDS)[number];

/** One of two ends as it is being picked. What was picked before stays when another kind is looked at. */
export class EndChoice {
  kind = $state<EndKind>('thread');
  /** What is being typed as its name and is not chosen yet: until then no end stands here, and no answer of an earlier one. */
  typed = $state('');
  #called = $state.raw<{ readonly said: string; readonly name: string } | null>(null);
  family = $state<ThreadFamily>('npt');
  size = $state('1/2');
  gender = $state<Gender>('male');
  /** Null for the seat its family is made with. */
  #seat = $state<Seat | 'unknown' | null>(null);
  metal = $state<Metal>('black-iron');
  /** The place of a tube or a socket in its list. */
  tube = $state(0);
  socket = $state(0);
  flange = $state(0);
  /** Of copper whose name does not say how it is drawn. */
  temper = $state<Temper>('unknown');
  unionSize = $state<NominalSize>('3/4');
  half = $state<'cone' | 'socket'>('cone');
  specimen = $state<string | null>(null);
  readonly #specimens: () => readonly Specimen[];

  constructor(
    begin: { family: ThreadFamily; size: string; gender: Gender },
    specimens: () => readonly Specimen[],
  ) {
    this.family = begin.family;
    this.size = begin.size;
    this.gender = begin.gender;
    this.#specimens = specimens;
  }

  sizes = $derived.by((): readonly string[] => {
    const all = threads.threads.filter((each) => each.family === this.family).map(({ size }) => size);
    return all.filter((size, i) => all.indexOf(size) === i);
  });
  genders = $derived.by((): readonly Gender[] =>
    this.#ofSize(this.family, this.size).map(({ gender }) => gender),
  );
  thread = $derived.by((): ListedThread | null => {
    const all = this.#ofSize(this.family, this.size);
    return all.find(({ gender }) => gender === this.gender) ?? all[0] ?? null;
  });
  seats = $derived.by(() => (this.thread ? listSeats(this.thread) : []));
  seat = $derived.by((): Seat | 'unknown' => {
    const picked = this.#seat;
    return picked !== null && this.seats.includes(picked) ? picked : getOwnSeat(this.family);
  });
  end = $derived.by((): FiguredEnd => {
    if (this.typed.trim()) return UNKNOWN_END;
    switch (this.kind) {
      case 'thread':
        return this.thread ? makeThreadEnd(this.thread, { seat: this.seat, metal: this.metal }) : UNKNOWN_END;
      case 'tube':
        return this.#tubeEnd() ?? UNKNOWN_END;
      case 'socket':
        return SOCKETS[this.socket] ?? UNKNOWN_END;
      case 'flange':
        return FLANGES[this.flange] ?? UNKNOWN_END;
      case 'union-half':
        return { kind: 'union-half', size: this.unionSize, half: this.half };
      case 'specimen': {
        const found = this.#specimens().find(({ id }) => id === this.specimen);
        return found ? catalogue.ends.figure(getSpecimenEnd(found, threads)) : UNKNOWN_END;
      }
      case 'unknown':
        return UNKNOWN_END;
    }
  });

  /** What whoever chose it called it; null once it is another end. */
  called = $derived.by((): string | null =>
    this.#called?.name === sayEnd(this.end) ? this.#called.said : null,
  );

  /** Whether how it is drawn can be said: the name of the tube does not. */
  asksTemper = $derived.by(() => TUBE_ENDS[this.tube]?.temper === 'unknown');
  #tubeEnd(): FiguredTube | undefined {
    const tube = TUBE_ENDS[this.tube];
    return tube?.temper === 'unknown' ? { ...tube, temper: this.temper } : tube;
  }

  #ofSize(family: ThreadFamily, size: string): ListedThread[] {
    return threads.threads.filter((each) => each.family === family && each.size === size);
  }

  /** Takes an end as a whole: one that was named. It goes on being called so. */
  pickEnd(end: FiguredEnd): void {
    const said = this.typed.trim();
    this.typed = '';
    this.#take(end);
    this.#called = said ? { said, name: sayEnd(this.end) } : null;
  }

  #take(end: FiguredEnd): void {
    this.kind = end.kind;
    switch (end.kind) {
      case 'thread':
        [this.family, this.size, this.gender] = [end.thread.family, end.thread.size, end.thread.gender];
        [this.#seat, this.metal] = [end.seat, end.metal];
        return;
      case 'tube':
        this.tube = TUBE_ENDS.findIndex(({ tube, name }) => tube === end.tube && name === end.name);
        this.temper = end.temper ?? 'unknown';
        return;
      case 'socket':
        this.socket = SOCKETS.findIndex(({ socket, name }) => socket === end.socket && name === end.name);
        return;
      case 'flange':
        this.flange = FLANGES.findIndex(
          ({ size, drilling }) => size === end.size && drilling === end.drilling,
        );
        return;
      case 'union-half':
        [this.unionSize, this.half] = [end.size, end.half];
        return;
      case 'unknown':
    }
  }

  pickKind(kind: EndKind): void {
    this.kind = kind;
    if (kind === 'specimen') this.specimen ??= this.#specimens()[0]?.id ?? null;
  }
  pickFamily(family: ThreadFamily): void {
    this.family = family;
    if (!this.sizes.includes(this.size)) this.size = this.sizes[0] ?? '';
    this.#seat = null;
    this.#keepGender();
  }
  pickSize(size: string): void {
    this.size = size;
    this.#keepGender();
  }
  pickSeat(seat: Seat | 'unknown'): void {
    this.#seat = seat;
  }
  #keepGender(): void {
    if (!this.genders.includes(this.gender)) this.gender = this.genders[0] ?? 'male';
  }
}

export const isFamily = (value: string): value is ThreadFamily =>
  THREAD_FAMILIES.some((each) => each === value);
export const isSize = (value: string): value is NominalSize => NOMINAL_SIZES.some((each) => each === value);
