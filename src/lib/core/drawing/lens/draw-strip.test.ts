import { expect } from 'chai';
import { askAbout } from '#support/transition-question.ts';
import { standardCatalogue, makeTaperEnd } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { findTransitions, TransitionIndex } from '#core/transitions';
import { drawStrip } from './draw-strip.ts';

const index = new TransitionIndex(standardCatalogue, resolveRules({}));

it('a chain is drawn in one line, each leak point over its place, diameters to scale, what is not measured as such', () => {
  for (const size of ['1/4', '1/2', '3/4', '1'] as const)
    for (const gender of ['male', 'female'] as const) {
      const [from, to] = [makeTaperEnd('NPT', size, 'male'), makeTaperEnd('R', '1/2', gender)];
      const answer = findTransitions(index, askAbout(from, to));
      if (!answer.ok) throw new Error(`${size} ${gender} is refused`);
      for (const chain of answer.chains) {
        const { shapes, leaks, frame } = drawStrip(chain, from, to, standardCatalogue);
        expect(leaks).to.have.length(chain.cost.leaks);
        for (const { x, y } of leaks) {
          expect(x).to.be.within(frame.left, frame.right);
          expect(y).to.be.within(0, frame.radius + 1e-9);
        }
        // A body for each part, as long as it is or as such parts mostly are.
        expect(shapes.filter(({ isAssumed }) => isAssumed)).to.have.length(chain.cost.unmeasured);
        for (const { outline } of shapes)
          for (const { x, y } of outline) expect(Number.isFinite(x + y)).to.equal(true);
      }
    }
}).timeout(60_000);
