import { JsonGate, type WireRefusal } from '#core/formats';
import { LIMITS } from '#core/shapes';
import { accept, refuse, type Result } from '#core/outcome';
import { Room } from '../work/room.ts';

/** Bytes after which whoever else waits has a turn: less than a millisecond. */
const TURN = 32 * 1024;
/** Large bodies stand in one line: however many there are, only one is read between two looks at everything else. */
let line: Promise<void> = Promise.resolve();
const waitForTurn = (): Promise<void> =>
  (line = line.then(() => new Promise<void>((done) => setImmediate(done))));
/** Bytes for which room is made before they are there. */
const AT_FIRST = 1024 * 1024;

/** What all bodies that are on their way may hold between them, but for those that had room taken for them before. */
const held = new Room({ tasks: Infinity, bytes: 2 * LIMITS.change });

/** How slowly a body may come, in milliseconds: after `grace` it must be coming at the rate at which it is whole after `longest`. */
export interface Pace {
  readonly grace: number;
  readonly longest: number;
}
const PACE: Pace = { grace: 20_000, longest: 300_000 };
/** Milliseconds between two looks at how much has come. */
const LOOK = 2000;

/**
 * A request's body of JSON text as bytes. It is refused as soon as it is larger than `limit` bytes, nests deeper or holds more lists
 * and objects than any text of ours, comes too slowly, or there is no room for it beside others: nothing is ever built from it, and
 * what still comes of it is for the connection to let go by. `hasRoom`: room for all of it was taken before.
 */
export async function readBody(
  request: Request,
  limit: number,
  { pace = PACE, hasRoom = false }: { readonly pace?: Pace; readonly hasRoom?: boolean } = {},
): Promise<Result<Uint8Array<ArrayBuffer>, WireRefusal>> {
  const length = request.headers.get('content-length');
  const said = length === null ? null : Number(length);
  if (said !== null && said > limit) return refuse({ code: 'body-too-large', limit });
  const reader = request.body?.getReader();
  if (!reader) return accept(makeRoom(0));
  const groups = Math.ceil((limit / 1024 / 1024) * LIMITS.groupsPerMegabyte);
  const gate = new JsonGate({ depth: LIMITS.depth, groups });
  const clock = watchPace(said ?? limit, pace);
  let bytes = makeRoom(0);
  let leave: (() => void) | null = null;
  let size = 0;
  let since = 0;
  try {
    for (;;) {
      const read = await Promise.race([reader.read(), clock.late]);
      if (read === 'late') return refuse({ code: 'work-given-up', why: 'too-slow' });
      const { done, value } = read;
      if (done) break;
      since += value.byteLength;
      if (since > TURN) {
        since = 0;
        await waitForTurn();
      }
      if (size + value.byteLength > limit) return refuse({ code: 'body-too-large', limit });
      if (!gate.pass(value)) return refuse({ code: 'body-too-nested' });
      if (size + value.byteLength > bytes.byteLength) {
        const larger = Math.max(
          size + value.byteLength,
          Math.min(bytes.byteLength * 2, limit),
          Math.min(said ?? 0, AT_FIRST),
        );
        leave?.();
        leave = hasRoom ? () => undefined : held.enter(larger);
        if (!leave) return refuse({ code: 'work-given-up', why: 'too-busy' });
        bytes = grow(bytes, size, larger);
      }
      bytes.set(value, size);
      size += value.byteLength;
      clock.came(size);
    }
    return accept(size === bytes.byteLength ? bytes : bytes.slice(0, size));
  } finally {
    clock.stop();
    leave?.();
  }
}

/** Looks now and then whether a body of so many bytes comes fast enough. */
function watchPace(
  bytes: number,
  { grace, longest }: Pace,
): { late: Promise<'late'>; came: (size: number) => void; stop: () => void } {
  const began = performance.now();
  let size = 0;
  let stop: () => void = () => undefined;
  const late = new Promise<'late'>((done) => {
    const looks = setInterval(
      () => {
        const passed = performance.now() - began;
        if (passed > grace && size / passed < bytes / longest) done('late');
      },
      Math.min(LOOK, grace),
    );
    stop = () => clearInterval(looks);
  });
  return { late, came: (now) => (size = now), stop };
}

/** Not wiped first, which would take its time: what is not filled is cut off. A buffer of its own, so that it can be handed on. */
const makeRoom = (size: number): Uint8Array<ArrayBuffer> =>
  new Uint8Array(Buffer.allocUnsafeSlow(size).buffer as ArrayBuffer);

function grow(bytes: Uint8Array<ArrayBuffer>, filled: number, size: number): Uint8Array<ArrayBuffer> {
  const larger = makeRoom(size);
  larger.set(bytes.subarray(0, filled));
  return larger;
}
