import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { standardCatalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { END_CLASSES, TransitionIndex, makeTransitionTable } from '#core/transitions';
import { shareOf } from '#support/share.ts';
import { sayMadeFrom } from '../../../scripts/made-from.ts';
import { END_CLASS_NAMES } from './end-classes.ts';
import { listAllEnds, sayCell, writeTransitionTable } from './transition-table.ts';

/** docs/transitions.md follows from the search over the whole catalogue: `npm run matrix` writes it again. */
describe('the page of transitions', () => {
  const page = readFileSync('docs/transitions.md', 'utf8');

  it('was made from the catalogue, the ends and the house rules as they are', () => {
    expect(page.endsWith(sayMadeFrom(standardCatalogue))).to.equal(true);
    expect(page).to.include(`every one of ${listAllEnds(standardCatalogue).length} ends`);
  });

  it('says what the search says, in a tenth of its rows', () => {
    const classes = shareOf(END_CLASSES, 10);
    const index = new TransitionIndex(standardCatalogue, resolveRules({}));
    const pairs = makeTransitionTable(index, listAllEnds(standardCatalogue), (to) => classes.includes(to));
    for (const pair of pairs) {
      const { from, to, joined } = pair;
      const section = page.split(/^## /m).find((each) => each.startsWith(`${END_CLASS_NAMES[from]}\n`));
      const row = `| ${END_CLASS_NAMES[to]} | ${sayCell(pair)} |`;
      if (joined > 0) expect(section, `${from} ${to}`).to.include(row);
      else
        expect(section, `${from} ${to}`)
          .to.match(/Nothing in the catalogue joins it to: /)
          .and.include(END_CLASS_NAMES[to]);
    }
    expect(pairs.length).to.be.greaterThan(20);
  }).timeout(60_000);

  if (process.env['PORTHOLE_WHOLE'])
    it('is written again the same, whole', () => {
      expect(page).to.equal(`${writeTransitionTable(standardCatalogue)}${sayMadeFrom(standardCatalogue)}`);
    }).timeout(240_000);
});
