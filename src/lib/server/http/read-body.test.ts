import { expect } from 'chai';
import { LIMITS } from '#core/shapes';
import { readBody } from './read-body.ts';

/** A request whose body comes in these pieces; null: nothing more comes, and it does not end. */
function send(pieces: readonly (Uint8Array | null)[], length?: number): Request {
  const left = pieces.values();
  const body = new ReadableStream<Uint8Array>({
    pull(controller) {
      const { value, done } = left.next();
      if (done) controller.close();
      else if (value) controller.enqueue(value);
      else return new Promise(() => undefined);
    },
  });
  const headers: Record<string, string> = length === undefined ? {} : { 'content-length': String(length) };
  return new Request('http://localhost/', {
    method: 'POST',
    body: body as unknown as BodyInit,
    headers,
    duplex: 'half',
  } as RequestInit);
}

const blanks = (size: number): Uint8Array => new Uint8Array(size).fill(32);
const whyNot = async (work: ReturnType<typeof readBody>): Promise<unknown> => {
  const read = await work;
  return read.ok ? read.value.byteLength : read.refusal;
};

describe('the body of a request', () => {
  it('comes as it was sent, whatever its pieces and whether it said its length', async () => {
    for (const size of [0, 1, 5000, 40_000, 300_000]) {
      const sent = Uint8Array.from({ length: size }, (_, i) => 97 + (i % 20));
      for (const piece of [1 + Math.floor(size / 3), size + 1, 1000]) {
        const pieces = [];
        for (let at = 0; at < size; at += piece) pieces.push(sent.slice(at, at + piece));
        for (const length of [size, undefined]) {
          const read = await readBody(send(pieces, length), 300_000);
          expect(read.ok && Buffer.compare(read.value, sent)).to.equal(0);
        }
      }
    }
  });

  it('is refused as soon as it is too large or too deep, whatever more would come', async () => {
    const tooLarge = { code: 'body-too-large', limit: 1000 };
    expect(await whyNot(readBody(send([null], 1001), 1000))).to.eql(tooLarge);
    expect(await whyNot(readBody(send([blanks(900), blanks(101), null]), 1000))).to.eql(tooLarge);
    const deep = new TextEncoder().encode('['.repeat(LIMITS.depth + 1));
    expect(await whyNot(readBody(send([deep, null]), 1000))).to.eql({ code: 'body-too-nested' });
  });

  it('is given up where it comes so slowly that it would not be whole in time, and waited for where it comes well', async () => {
    const tooSlow = { code: 'work-given-up', why: 'too-slow' };
    const pace = { grace: 30, longest: 3000 };
    expect(await whyNot(readBody(send([null]), 1000, { pace }))).to.eql(tooSlow);
    expect(await whyNot(readBody(send([blanks(1), null], 100_000), 100_000, { pace }))).to.eql(tooSlow);
    const slow = send([blanks(400), blanks(300), blanks(300)], 1000);
    expect(await whyNot(readBody(slow, 1000, { pace: { grace: 0.01, longest: 600_000 } }))).to.equal(1000);
  });

  it('beside others finds room, or is told that there is none; room is given back', async () => {
    const large = (): Request => send([...Array.from({ length: 15 }, () => blanks(1024 * 1024)), null]);
    const few = Array.from({ length: 4 }, () =>
      readBody(large(), LIMITS.change, { pace: { grace: 400, longest: 1 } }).then((read) =>
        read.ok ? null : (read.refusal as { why: string }).why,
      ),
    );
    const whys = await Promise.all(few);
    expect(whys).to.include('too-busy').and.to.include('too-slow');
    const alone = send(Array.from({ length: 15 }, () => blanks(1024 * 1024)));
    expect(await whyNot(readBody(alone, LIMITS.change))).to.equal(15 * 1024 * 1024);
  });
});
