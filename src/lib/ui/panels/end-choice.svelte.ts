import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { standardThreads, standardTubes } from '#core/catalogue/standard-threads.ts';
import { NOMINAL_SIZES, type NominalSize } from '#core/catalogue/size.ts';
import { THREAD_FAMILIES, type ThreadFamily } from '#core/catalogue/thread-family.ts';
import type { Gender, ListedThread } from '#core/catalogue/listed-thread.ts';
import type { Specimen } from '#core/identify/specimen.ts';
import type { Seat } from '#core/identify/observation.ts';
import type { EndMaterial, JointEnd, Temper, TubeEnd } from '#core/joints/joint-end.ts';
import {
  getOwnSeat,
  listSeats,
  listSockets,
  listTubeEnds,
  listUnionHalves,
  makeThreadEnd,
} from '#core/joints/list-joint-ends.ts';
import { getSpecimenJointEnd } from '#core/joints/specimen-joint-end.ts';

export const TUBE_ENDS = listTubeEnds(standardTubes, standardCatalogue);
export const SOCKETS = listSockets(TUBE_ENDS);

/** Everything that can be named, each thread with its own seat. */
export const NAMED_ENDS: readonly JointEnd[] = [
  ...standardThreads.threads.map((thread) => makeThreadEnd(thread)),
  ...TUBE_ENDS,
  ...SOCKETS,
  ...listUnionHalves(),
  { kind: 'unknown' },
];

/** What can be put on the bench. */
export const END_KINDS = ['thread', 'tube', 'socket', 'union-half', 'specimen', 'unknown'] as const;
export type EndKind = (typeof END_KINDS)[number];

/** One of two ends as it is being picked. What was picked before stays when another kind is looked at. */
export class EndChoice {
  kind = $state<EndKind>('thread');
  family = $state<ThreadFamily>('npt');
  size = $state('1/2');
  gender = $state<Gender>('male');
  /** Null for the seat its family is made with. */
  #seat = $state<Seat | 'unknown' | null>(null);
  material = $state<EndMaterial>('black-iron');
  /** The place of a tube or a socket in its list. */
  tube = $state(0);
  socket = $state(0);
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
    const all = standardThreads.threads.filter((each) => each.family === this.family).map(({ size }) => size);
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
  end = $derived.by((): JointEnd => {
    switch (this.kind) {
      case 'thread':
        return this.thread
          ? makeThreadEnd(this.thread, { seat: this.seat, material: this.material })
          : { kind: 'unknown' };
      case 'tube':
        return this.#tubeEnd() ?? { kind: 'unknown' };
      case 'socket':
        return SOCKETS[this.socket] ?? { kind: 'unknown' };
      case 'union-half':
        return { kind: 'union-half', size: this.unionSize, half: this.half };
      case 'specimen': {
        const found = this.#specimens().find(({ id }) => id === this.specimen);
        return found ? getSpecimenJointEnd(found, standardThreads) : { kind: 'unknown' };
      }
      case 'unknown':
        return { kind: 'unknown' };
    }
  });

  /** Whether how it is drawn can be said: the name of the tube does not. */
  asksTemper = $derived.by(() => TUBE_ENDS[this.tube]?.temper === 'unknown');
  #tubeEnd(): TubeEnd | undefined {
    const tube = TUBE_ENDS[this.tube];
    return tube?.temper === 'unknown' ? { ...tube, temper: this.temper } : tube;
  }

  #ofSize(family: ThreadFamily, size: string): ListedThread[] {
    return standardThreads.threads.filter((each) => each.family === family && each.size === size);
  }

  /** Takes an end as a whole: one that was named. */
  pickEnd(end: JointEnd): void {
    this.kind = end.kind;
    switch (end.kind) {
      case 'thread':
        [this.family, this.size, this.gender] = [end.thread.family, end.thread.size, end.thread.gender];
        [this.#seat, this.material] = [end.seat, end.material];
        return;
      case 'tube':
        this.tube = TUBE_ENDS.findIndex(({ tube, name }) => tube === end.tube && name === end.name);
        this.temper = end.temper ?? 'unknown';
        return;
      case 'socket':
        this.socket = SOCKETS.findIndex(({ socket, name }) => socket === end.socket && name === end.name);
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
