import { expect } from 'chai';
import type { LegSize } from '#core/ends';
import type { Jurisdiction } from '#core/house-rules';
import type { BodyPlaced } from '#core/permissions';
import { findSpacing } from '#core/supports';
import { inches } from '#core/units';
import { saySpacing, saySupports } from './supports.ts';

describe('supports in words', () => {
  it('say how far apart, by whom, and how sure that is; of a floor that it is not counted', () => {
    const say = (material: BodyPlaced, size: LegSize, jurisdiction: Jurisdiction) =>
      [false, true].map((isUpright) =>
        saySpacing({ spacing: findSpacing(material, size, jurisdiction, 'in'), isUpright }, 'in'),
      );
    expect(say('black-iron', '3/4', 'us-model')[0]).to.equal('every 8 ft at the most, by the code’s table');
    expect(say('csst', '1/2', 'us-model')[0]).to.match(/^every 6 ft at the most, by makers.*, approximate$/);
    expect(say('black-iron', '2', 'us-model')[1]).to.match(
      /^at every floor \(.*not counted here: add them\)/,
    );
    for (const said of say('copper-flared', '3/8 ACR', 'us-model')) expect(said).to.include('ask');
  });

  it('say where they stand, that none is wanted, and ask where it is not known', () => {
    expect(saySupports({ at: [inches(12), inches(28.2)], isFished: false }, 'in')).to.equal(
      '2, about at 1 ft, 2 ft 4 in',
    );
    expect(saySupports({ at: [], isFished: false }, 'in')).to.include('none');
    expect(saySupports({ at: null, isFished: false }, 'mm')).to.equal('ask');
  });
});
