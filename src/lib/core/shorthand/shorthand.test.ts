import { share } from '#support/share.ts';
import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { applyOps } from '#core/runs/changes';
import { newRun, type RunDoc } from '#core/runs/document';
import { makeRandom, makeRandomRun } from '#support/random-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeIds } from '#support/make-run.ts';
import { getShape } from '#support/run-shape.ts';
import { makeWrittenRun } from './make-written-run.ts';
import { readShorthand } from './read-shorthand.ts';
import { writeShorthand } from './write-shorthand.ts';

const SEED = 20_263;
const empty = () => newRun('writtenrun', standardCatalogue.version, {});

function read(text: string, base: RunDoc = empty()) {
  const { sentences, problems } = readShorthand(text, 'in');
  const made = makeWrittenRun(sentences, base, makeIds('writtenid'));
  return { doc: made.doc, problems: [...problems, ...made.problems] };
}

/** A run that went through many random commands: everything the screens can make. */
function makeCommandedRun(seed: number): RunDoc {
  const random = makeRandom(seed);
  const newId = makeIds('commandid');
  let doc = empty();
  for (let i = 0; i < 40; i++) {
    const planned = planRandomCommand(doc, random, newId);
    const applied = planned && applyOps(doc, planned.ops);
    if (applied?.ok) doc = applied.value;
  }
  return doc;
}

describe(`shorthand (seed ${SEED})`, () => {
  const runs: [string, number, (i: number) => RunDoc][] = [
    ['random runs', share(200, 80), (i) => makeRandomRun(1 + (i % 30), SEED + i)],
    ['runs made by random commands', share(100, 30), (i) => makeCommandedRun(SEED + i)],
  ];
  for (const [name, count, make] of runs) {
    it(`says ${count} ${name}: read again they are equal up to ids, and written again they read the same`, () => {
      for (let i = 0; i < count; i++) {
        const doc = make(i);
        for (const unit of ['in', 'mm'] as const) {
          const text = writeShorthand(doc, unit);
          const again = read(text);
          expect(again.problems, `${i}:\n${text}`).to.deep.equal([]);
          expect(getShape(again.doc), `${i}:\n${text}`).to.deep.equal(getShape(doc));
          expect(writeShorthand(again.doc, unit), String(i)).to.equal(text);
        }
      }
    }).timeout(60_000);
  }

  it('keeps every id of a run that is written over itself', () => {
    for (let i = 0; i < share(50, 20); i++) {
      const doc = makeCommandedRun(SEED + 1000 + i);
      expect(read(writeShorthand(doc, 'in'), doc).doc, String(i)).to.deep.equal(doc);
    }
  });
});
