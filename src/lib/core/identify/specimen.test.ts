import { expect } from 'chai';
import { standardThreads } from '#core/catalogue';
import { inches } from '#core/units';
import type { Observation, Reading } from './observation.ts';
import { makeSpecimen } from './specimen.ts';

describe('a specimen', () => {
  const reading = (id: string, observation: Observation, simulated = false): Reading => ({
    id,
    observation,
    instrument: null,
    simulated,
  });
  const input = {
    id: 'specimen0001',
    name: 'Oven inlet',
    note: '',
    by: 'Ines',
    at: '2026-03-01T10:00:00.000Z',
  };

  it('keeps its readings, its verdict and what it mates with; a simulated reading marks the whole', () => {
    const made = makeSpecimen(standardThreads, {
      ...input,
      readings: [
        reading('r1', { kind: 'gender', value: 'male' }),
        reading(
          'r2',
          { kind: 'diameter', side: 'outside', length: inches(0.815), instrument: 'caliper', place: 'first' },
          true,
        ),
        reading('r3', { kind: 'leaf', perInch: 14, fit: 'fits' }),
        reading('r4', {
          kind: 'diameter',
          side: 'outside',
          length: inches(0.838),
          instrument: 'caliper',
          place: 'last',
        }),
        reading('r5', { kind: 'hand', value: 'right' }),
      ],
    });
    expect(made.verdict).to.deep.include({ kind: 'tie', catalogueVersion: standardThreads.version });
    expect(made.verdict.threads).to.include('npt-1/2-male').and.to.include('r-1/2-male');
    expect(made.end).to.include({ certainty: 'tie', gender: 'male', size: '1/2' });
    expect(made.simulated).to.equal(true);
  });
  it('of nothing measured has no end', () => {
    const made = makeSpecimen(standardThreads, { ...input, readings: [] });
    expect([made.verdict.kind, made.end, made.simulated]).to.deep.equal(['empty', null, false]);
  });
});
