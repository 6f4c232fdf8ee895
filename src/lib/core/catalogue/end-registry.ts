import { UNKNOWN_END, getThreadId, type End, type TubeName, type UnknownEnd } from '#core/ends';
import type { FiguredEnd, FiguredTube } from './figured-end.ts';
import { listSocketsFor } from './list-ends.ts';
import type { ThreadList } from './thread-list.ts';

/** Puts figures to ends, by what they are called. An argument everywhere, as part of the catalogue. */
export interface EndRegistry {
  readonly threads: ThreadList;
  /** Every tube of the lists with its plain end. */
  readonly tubes: readonly FiguredTube[];
  /** An end that no list has, and one that is told apart only between unlike threads, is not known: never taken for the likeliest. */
  figure(end: End): FiguredEnd;
}

/** The registry of these threads and tubes. An end it has not is figured as unknown, never refused. */
export function makeEndRegistry(threads: ThreadList, tubes: readonly FiguredTube[]): EndRegistry {
  const byName = new Map(
    tubes.flatMap((tube) =>
      listNames(tube).map((name) => [getTubeKey({ of: tube.tube, name }), tube] as const),
    ),
  );
  return { threads, tubes, figure: (end) => figure(end, threads, byName) };
}

/** Corrugated tubing goes by its size alone too: which of its makers' diameters it has is another question. */
const listNames = ({ tube, name }: FiguredTube): readonly string[] =>
  tube === 'csst' ? [name, name.split(',')[0]!] : [name];

const getTubeKey = ({ of, name }: TubeName): string => `${of} ${name}`;

function figure(end: End, threads: ThreadList, tubes: ReadonlyMap<string, FiguredTube>): FiguredEnd {
  switch (end.kind) {
    case 'thread': {
      const listed = threads.findThread(getThreadId(end));
      if (!listed) return UNKNOWN_END;
      const { seat, metal, hand } = end;
      const thread = hand === null || hand === listed.hand ? listed : { ...listed, hand };
      return { kind: 'thread', thread, seat, metal };
    }
    case 'tube': {
      const tube = tubes.get(getTubeKey(end));
      return tube ? { ...tube, prepared: end.prepared, temper: end.temper } : UNKNOWN_END;
    }
    case 'fusion-face': {
      const tube = tubes.get(getTubeKey(end.takes));
      return tube ? { ...tube, prepared: 'faced' } : UNKNOWN_END;
    }
    case 'socket': {
      const tube = tubes.get(getTubeKey(end.takes));
      return (tube && listSocketsFor(tube).find(({ socket }) => socket === end.how)) ?? UNKNOWN_END;
    }
    case 'unknown':
      return figureUnknown(end, threads);
    default:
      return end;
  }
}

/** Sister threads, which no reading parts, are one thread to whatever mates with them. */
function figureUnknown(end: UnknownEnd, list: ThreadList): FiguredEnd {
  const [best, ...others] = end.among.map((id) => list.findThread(id));
  if (end.certainty !== 'likely' || !best) return end;
  const areSisters = others.every((each) => each && (each.sisterOf === best.id || best.sisterOf === each.id));
  return areSisters ? { kind: 'thread', thread: best, seat: 'unknown', metal: 'black-iron' } : end;
}
