import {
  FLANGE_DRILLINGS,
  getThreadId,
  HANDS,
  METALS,
  PREPARATIONS,
  readThreadId,
  SOCKET_KINDS,
  TEMPERS,
  TUBE_KINDS,
  USUAL_METAL,
  type End,
  SEATS,
  NOMINAL_SIZES,
} from '#core/ends';
import { getOwnSeat } from '#core/catalogue';

/*
 * An end as one line of text, for tables: what it is, then after bars what is otherwise than usual.
 *
 *     npt-3/4-male            sae-45-3/8 tube-female | brass          npsm-1/2-female | seat 30
 *     tube copper 1/2 L | flared | soft          socket stab polyethylene 1 IPS SDR 11          flange 3/4 class-150
 */

const BAR = ' | ';

/** Writes an end as a table has it. */
export function writeEndCode(end: End): string {
  const join = (what: string, more: readonly (string | null)[]): string =>
    [what, ...more.filter((each) => each !== null)].join(BAR);
  switch (end.kind) {
    case 'thread': {
      const { family, seat, metal, hand } = end;
      return join(getThreadId(end), [
        seat === getOwnSeat(family) ? null : `seat ${seat}`,
        metal === USUAL_METAL ? null : metal,
        hand,
      ]);
    }
    case 'tube':
      return join(`tube ${end.of} ${end.name}`, [end.prepared === 'plain' ? null : end.prepared, end.temper]);
    case 'socket':
      return `socket ${end.how} ${end.takes.of} ${end.takes.name}`;
    case 'fusion-face':
      return `fusion-face ${end.takes.of} ${end.takes.name}`;
    case 'flange':
      return `flange ${end.size} ${end.drilling}`;
    case 'union-half':
      return `union-half ${end.size} ${end.half}`;
    case 'unknown':
      return 'unknown';
  }
}

const pick = <Value extends string>(values: readonly Value[], wanted: string | undefined): Value | null =>
  values.find((each) => each === wanted) ?? null;
/** The first of some values that stands among the words after the bars. */
const find = <Value extends string>(values: readonly Value[], more: readonly string[]): Value | null =>
  values.find((each) => more.includes(each)) ?? null;

/** Reads an end as a table has it; null for what is none. Whether any list has it is not looked at. */
export function readEndCode(code: string): End | null {
  const [what = '', ...more] = code.split('|').map((each) => each.trim());
  const [kind, ...words] = what.split(' ');
  const tube = (from: number) => {
    const of = pick(TUBE_KINDS, words[from]);
    const name = words.slice(from + 1).join(' ');
    return of && name ? { of, name } : null;
  };
  switch (kind) {
    case 'tube': {
      const named = tube(0);
      return (
        named && {
          kind: 'tube',
          ...named,
          prepared: find(PREPARATIONS, more) ?? 'plain',
          temper: find(TEMPERS, more),
        }
      );
    }
    case 'socket': {
      const [how, takes] = [pick(SOCKET_KINDS, words[0]), tube(1)];
      return how && takes && { kind: 'socket', how, takes };
    }
    case 'fusion-face': {
      const takes = tube(0);
      return takes && { kind: 'fusion-face', takes };
    }
    case 'flange': {
      const [size, drilling] = [pick(NOMINAL_SIZES, words[0]), pick(FLANGE_DRILLINGS, words[1])];
      return size && drilling && { kind: 'flange', size, drilling };
    }
    case 'union-half': {
      const [size, half] = [pick(NOMINAL_SIZES, words[0]), pick(['cone', 'socket'] as const, words[1])];
      return size && half && { kind: 'union-half', size, half };
    }
    default:
      return readThread(what, more);
  }
}

function readThread(id: string, more: readonly string[]): End | null {
  const thread = readThreadId(id);
  if (!thread) return null;
  const said = more.find((each) => each.startsWith('seat '))?.slice(5);
  const seat = said === undefined ? getOwnSeat(thread.family) : pick([...SEATS, 'unknown'] as const, said);
  return (
    seat && {
      kind: 'thread',
      ...thread,
      hand: find(HANDS, more),
      seat,
      metal: find(METALS, more) ?? USUAL_METAL,
    }
  );
}
