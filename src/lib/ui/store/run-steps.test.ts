import { expect } from 'chai';
import { accept, refuse } from '#core/outcome';
import type { PlannedChange } from '#core/runs/changes';
import type { Refusal } from '#words/refusals.ts';
import { RunSteps } from './run-steps.svelte.ts';

const insert = (id: string): PlannedChange => ({
  label: { command: 'add-leg', leg: 1, turn: null },
  ops: [{ op: 'insert', in: 'zones', id, value: { id, zone: 'indoors' } }],
});
const names = (steps: readonly PlannedChange[]) => steps.map(({ ops }) => (ops[0] as { id: string }).id);

/** Steps of a run, and what was applied in its name. */
function begin() {
  const steps = new RunSteps('stepsrun01', () => 1);
  const applied: PlannedChange[] = [];
  const apply = (planned: PlannedChange) => {
    applied.push(planned);
    return accept(undefined);
  };
  return { steps, applied, apply };
}

describe('the steps of a run, back and forth', () => {
  it('go back one after another by their inverses, and forth again as they were', () => {
    const { steps, applied, apply } = begin();
    steps.add(insert('one'));
    steps.add(insert('two'));
    expect(steps.undo(apply).ok).to.equal(true);
    expect(applied.at(-1)).to.deep.equal({
      label: { command: 'add-leg', leg: 1, turn: 'undo' },
      ops: [{ op: 'remove', in: 'zones', id: 'two', old: { id: 'two', zone: 'indoors' } }],
    });
    steps.undo(apply);
    expect([names(steps.done), names(steps.undone)]).to.deep.equal([[], ['two', 'one']]);
    steps.redo(apply);
    expect(applied.at(-1)).to.deep.equal({
      ...insert('one'),
      label: { command: 'add-leg', leg: 1, turn: 'redo' },
    });
    expect([names(steps.done), names(steps.undone)]).to.deep.equal([['one'], ['two']]);
  });

  it('a new step ends what could be done again', () => {
    const { steps, apply } = begin();
    for (const id of ['one', 'two', 'three']) steps.add(insert(id));
    steps.undo(apply);
    steps.undo(apply);
    expect(names(steps.undone)).to.deep.equal(['three', 'two']);
    steps.add(insert('other'));
    expect([names(steps.done), names(steps.undone)]).to.deep.equal([['one', 'other'], []]);
    const before = names(steps.done);
    expect(steps.redo(apply).ok).to.equal(true);
    expect(names(steps.done)).to.deep.equal(before);
  });

  it('what is refused stays where it was', () => {
    const { steps } = begin();
    const refusal: Refusal = { code: 'job-unknown', job: 'x' };
    const never = () => refuse(refusal);
    steps.add(insert('one'));
    expect(steps.undo(never)).to.deep.equal({ ok: false, refusal });
    expect([names(steps.done), names(steps.undone)]).to.deep.equal([['one'], []]);
    steps.undo(() => accept(undefined));
    expect(steps.redo(never)).to.deep.equal({ ok: false, refusal });
    expect([names(steps.done), names(steps.undone)]).to.deep.equal([[], ['one']]);
  });

  it('of nothing there is nothing to take back; a run put in another state has no steps', () => {
    const { steps, applied, apply } = begin();
    expect([steps.undo(apply).ok, steps.redo(apply).ok, applied.length]).to.deep.equal([true, true, 0]);
    steps.add(insert('one'));
    steps.add(insert('two'));
    steps.undo(apply);
    steps.forget();
    expect([steps.done.length, steps.undone.length]).to.deep.equal([0, 0]);
  });
});
