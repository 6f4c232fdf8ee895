import { newAppliance } from '#core/runs/document';
import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { COMMAND_NAMES, invertOps, type PlannedChange } from '#core/runs/changes';
import {
  planAddLeg,
  planChangeMeasure,
  planChoosePart,
  planCloseEnd,
  planMeasurePart,
  planPutPart,
  planTakeOutPart,
  planResizeLegs,
} from '#core/runs/commands';
import { inches } from '#core/units';
import { applyPlan, getLeg, madeUp, makeRun, mustBe, newLeg, offset } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeRandom, makeRandomRun } from '#support/random-run.ts';
import * as details from './change-details.ts';

let made = 0;
const newId = () => `id${made++}`;
/** As it is read: lengths are kept whole by spaces that do not break. */
const plain = (said: string): string => said.replaceAll('\u00a0', ' ');
const sayDetails = (planned: PlannedChange, unit: 'in' | 'mm') =>
  plain(details.sayDetails(planned, unit, standardCatalogue));
const sayWholeChange = (planned: PlannedChange, unit: 'in' | 'mm') =>
  plain(details.sayWholeChange(planned, unit, standardCatalogue));

describe('what a change was about', () => {
  const doc = makeRun([
    [0, 'right', 30],
    [1, 'down', 20],
  ]);
  const [first, second] = [getLeg(doc, 1), getLeg(doc, 2)];

  it('is said with its figures, in the unit of the job', () => {
    const longer = mustBe(planChangeMeasure(doc, first.id, inches(43.25), '43 1/4', newId));
    expect(sayWholeChange(longer, 'in')).to.equal('leg 1 measured again: 3 ft 7 1/4 in instead of 2 ft 6 in');
    expect(details.sayDetails(longer, 'in', standardCatalogue)).to.contain('2\u00a0ft\u00a06\u00a0in');
    expect(sayDetails(longer, 'mm')).to.equal('1098.55 mm instead of 762 mm');
    const added = mustBe(planAddLeg(doc, newLeg(second.to, 'out', 12), newId));
    expect(sayWholeChange(added, 'in')).to.equal('leg 3 added: out toward you, 1 ft');
    const capped = mustBe(planCloseEnd(doc, second.to, { kind: 'cap' }));
    expect(sayWholeChange(capped, 'in')).to.equal('end of leg 2 closed or opened: a cap');
    const kiln = newAppliance('kiln');
    expect(sayDetails(mustBe(planCloseEnd(doc, second.to, kiln)), 'in')).to.equal('kiln');
    expect(sayDetails(planResizeLegs(doc, null, { size: '1' }), 'in')).to.equal('1 instead of 3/4');
    expect(sayDetails(planResizeLegs(doc, first.id, { material: 'steel-r' }), 'in')).to.equal(
      'steel tube, R thread',
    );
  });

  it('names parts and how legs go', () => {
    const put = mustBe(
      planPutPart(doc, first.id, 'union', { from: first.from, value: inches(9), typed: '9' }, newId),
    );
    expect(sayWholeChange(put, 'in')).to.equal('a part put into leg 1: union, 9 in');
    const inline = Object.keys(applyPlan(doc, put).parts)[0]!;
    expect(sayDetails(mustBe(planTakeOutPart(applyPlan(doc, put), inline)), 'in')).to.equal('union');
    const straight = makeRun([
      [0, 'right', 30],
      [1, 'right', 20],
    ]);
    const joint = getLeg(straight, 1).to;
    expect(sayDetails(mustBe(planChoosePart(straight, joint, 'union')), 'in')).to.equal('union');
    expect(sayDetails(mustBe(planChoosePart(straight, joint, null)), 'in')).to.equal('the usual one');
    const valve = standardCatalogue.parts.find(({ kind, size }) => kind === 'valve' && size === '1')!;
    const own = mustBe(
      planMeasurePart(doc, valve, { endToEnd: inches(3) }, { typed: '3', by: 'Ada Quill' }, newId),
    );
    expect(sayDetails(own, 'in')).to.equal('1 brass valve, 3');
    const street = { ...newLeg(second.to, 'right', 0), geometry: madeUp('right'), measure: null };
    expect(sayDetails(mustBe(planAddLeg(doc, street, newId)), 'in')).to.equal(
      'right, fitting straight into fitting',
    );
    const run = newLeg(first.to, 'right', 50);
    const datum = { kind: 'node', id: first.from, at: 'centre', gap: 0 } as const;
    const running = { ...run, measure: { ...run.measure!, from: datum } };
    expect(sayDetails(mustBe(planAddLeg(doc, running, newId)), 'in')).to.equal(
      'right, 4 ft 2 in from the datum',
    );
    const slanted = { ...newLeg(second.to, 'down', 0), geometry: offset('down', ['out', 8]), measure: null };
    expect(sayDetails(mustBe(planAddLeg(doc, slanted, newId)), 'in')).to.equal('an offset');
  });

  it('taken back, is said the other way round', () => {
    const { label, ops } = mustBe(planChangeMeasure(doc, first.id, inches(43.25), '43 1/4', newId));
    const back: PlannedChange = { label: { ...label, turn: 'undo' }, ops: invertOps(ops) };
    expect(sayWholeChange(back, 'in')).to.equal(
      'taken back: leg 1 measured again: 2 ft 6 in instead of 3 ft 7 1/4 in',
    );
    const added = mustBe(planAddLeg(doc, newLeg(second.to, 'out', 12), newId));
    expect(sayDetails({ ...added, ops: invertOps(added.ops) }, 'in')).to.contain('out toward you');
  });

  it('is a sentence for whatever a change may hold, of any version (seed 26111)', () => {
    const random = makeRandom(26111);
    for (let i = 0; i < 300; i++) {
      const planned = planRandomCommand(makeRandomRun(6, i + 1), random, newId);
      if (planned)
        expect(sayWholeChange(planned, 'in'))
          .to.match(/^[^{}[\]]+$/)
          .and.not.match(/null|undefined|NaN/);
    }
    const odd = [null, 7, 'x', [], {}, { value: 'x' }, { geometry: 4, part: [], kind: 9, of: null }];
    for (const command of COMMAND_NAMES) {
      for (const value of odd) {
        for (const where of ['legs', 'measures', 'nodes', 'ownParts', 'ruleChoices'] as const) {
          const place = { in: where, id: 'x' } as const;
          const ops = [
            { op: 'insert', ...place, value },
            { op: 'replace', ...place, old: value, value },
            ...['value', 'size', 'inline', 'part', 'terminal', 'material'].map((field) => ({
              op: 'set',
              ...place,
              field,
              old: value,
              value,
            })),
          ] as PlannedChange['ops'];
          const said = sayWholeChange({ label: { command, leg: 1, turn: null }, ops }, 'in');
          expect(said).to.not.match(/undefined|NaN|\[object/);
        }
      }
    }
  });
});
