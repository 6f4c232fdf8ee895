import {
  PASSAGES,
  PERMIT_CONDITIONS,
  PERMIT_REASONS,
  PLACED_JOINTS,
  PLACED_MATERIALS,
  ZONES,
} from '#core/permissions';
import { PLACED_PARTS } from '#core/catalogue';
import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { ZONE_LETTERS } from '#core/drawing';
import { PERMIT_CONDITION_NAMES, PERMIT_REASON_NAMES, ZONE_NAMES } from './places.ts';
import { writePlaceTable } from './place-table.ts';

describe('docs/where-it-may-run.md', () => {
  it('says what the rules say: `npm run matrix` writes it again', () => {
    expect(readFileSync('docs/where-it-may-run.md', 'utf8')).to.equal(writePlaceTable());
  });

  it('has no empty cell, and gives no reason or condition by a number it has not', () => {
    const cells = writePlaceTable()
      .split('\n')
      .filter((line) => line.startsWith('| ') && !line.startsWith('|  |') && !line.startsWith('| ---'))
      .flatMap((line) => line.split('|').slice(2, -1));
    expect(cells.length).to.equal(
      6 *
        ((PLACED_MATERIALS.length + PLACED_JOINTS.length + PLACED_PARTS.length) * ZONES.length +
          (PLACED_MATERIALS.length + 1) * PASSAGES.length),
    );
    const last = String.fromCharCode(96 + PERMIT_REASONS.length);
    for (const cell of cells)
      expect(cell.trim()).to.match(new RegExp(`^(?:yes|if \\d+(?:, \\d+)*|ask [a-${last}]|no [a-${last}])$`));
  });

  it('names every condition, reason and place once', () => {
    expect(Object.keys(PERMIT_CONDITION_NAMES)).to.deep.equal([...PERMIT_CONDITIONS]);
    expect(Object.keys(PERMIT_REASON_NAMES)).to.deep.equal([...PERMIT_REASONS]);
    expect(Object.keys(ZONE_NAMES)).to.deep.equal([...ZONES]);
    expect(new Set(Object.values(ZONE_LETTERS)).size).to.equal(ZONES.length);
  });
});
