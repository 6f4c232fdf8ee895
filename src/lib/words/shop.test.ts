import { expect } from 'chai';
import { MATERIALS } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { getCraftOf, getMaterialTraits } from '#core/materials';
import { sayShop } from './shop.ts';

describe('what stands ready in the shop', () => {
  for (const material of MATERIALS)
    it(`${material}: a line for every size, with every blank filled in and the size in it where a tool goes by it`, () => {
      const goesBySize = getMaterialTraits(material).readyInShop.includes('{');
      const lines = getCraftOf(material)
        .listSizes(material)
        .map((size) => sayShop(material, size, resolveRules({})));
      expect(lines.length).to.be.greaterThan(1);
      for (const line of lines) expect(line).to.match(/^[^{}]{20,}$/);
      expect(new Set(lines).size > 1).to.equal(goesBySize);
    });
});
