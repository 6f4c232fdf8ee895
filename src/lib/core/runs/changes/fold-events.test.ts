import { expect } from 'chai';
import type { RunEvent } from './event.ts';
import { foldEvents } from './fold-events.ts';

const AT = '2026-01-02T03:04:05.678Z';
const asked = {
  mark: '1',
  size: '3/4',
  exact: 1,
  onTape: 1,
  catalogueVersion: '1',
  rulePackVersion: '1',
} as const;
const about = {
  runRevision: 1,
  instrument: 'tape',
  simulated: false,
  by: 'Ada',
  atDevice: AT,
  atServer: null,
} as const;
const event = (id: string, more: object): RunEvent =>
  ({ id, subject: 'piece', asked, corrects: null, ...about, ...more }) as unknown as RunEvent;
const ticked = (id: string) => event(id, { kind: 'ticked', said: { length: null, typed: '' } });
const cut = (id: string, length: number) =>
  event(id, { kind: 'as-cut', said: { length, typed: String(length) } });
const correct = (id: string, corrects: string, length: number | null) =>
  event(id, { kind: 'correction', corrects, said: { length, typed: '' } });
const lookedAt = (id: string, item: string, is: boolean, subject = 'node') =>
  event(id, { kind: 'hook-up', subject, said: { item, is } });

const lengthOf = (events: readonly RunEvent[]) => foldEvents(events).asCut.get('piece')?.length ?? null;

describe('what was recorded of a run, folded', () => {
  it('a piece is as it was last said to be, and a correction takes the place of what it corrects', () => {
    expect(lengthOf([cut('a', 10)])).to.equal(10);
    expect(lengthOf([cut('a', 10), cut('b', 11)])).to.equal(11);
    expect(lengthOf([cut('a', 10), correct('b', 'a', 12)])).to.equal(12);
    expect(lengthOf([cut('a', 10), correct('b', 'a', null)])).to.equal(null);
    expect(foldEvents([cut('a', 10), correct('b', 'a', null)]).asCut.size).to.equal(0);
    expect(lengthOf([cut('a', 10), correct('b', 'a', 12), correct('c', 'b', 13)])).to.equal(13);
  });

  it('a correction of what does not stand any more says nothing', () => {
    // Said anew since.
    expect(lengthOf([cut('a', 10), cut('b', 11), correct('c', 'a', 12)])).to.equal(11);
    // Corrected already: from another device, by somebody who had not seen it.
    expect(lengthOf([cut('a', 10), correct('b', 'a', 12), correct('c', 'a', 13)])).to.equal(12);
    expect(lengthOf([cut('a', 10), correct('b', 'a', null), correct('c', 'a', 13)])).to.equal(null);
    expect(lengthOf([correct('b', 'a', 12)])).to.equal(null);
    // A tick that was made anew stands.
    expect(
      foldEvents([ticked('a'), ticked('b'), correct('c', 'a', null)]).ticked.get('piece')?.event,
    ).to.equal('b');
  });

  it('a tick that is corrected is taken away, and the length of the piece stays', () => {
    const { ticked: ticks, asCut } = foldEvents([cut('a', 10), ticked('b'), correct('c', 'b', null)]);
    expect(ticks.has('piece')).to.equal(false);
    expect(asCut.get('piece')?.length).to.equal(10);
  });

  it('of a hook-up each item is as it was last looked at, appliance by appliance', () => {
    const { hookUps } = foldEvents([
      lookedAt('a', 'purged', true),
      lookedAt('b', 'purged', true, 'other'),
      lookedAt('c', 'leak-checked', true),
      lookedAt('d', 'purged', false),
    ]);
    expect([...hookUps.get('node')!.keys()]).to.deep.equal(['leak-checked']);
    expect([...hookUps.get('other')!.keys()]).to.deep.equal(['purged']);
  });
});
