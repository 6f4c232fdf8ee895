import { hasPipe } from '#core/runs/document';
import { INCH, type Length } from '#core/units';
import { trapRule } from './trap-rule.ts';

/** Pipe between a trap and the inlet over which it is asked whether it can be nearer, nm: ours, no code's. */
export const FARTHEST: Length = 18 * INCH;

/** As close to the inlet as can be: pipe between them has scale of its own. */
export const tooFar = trapRule({
  code: 'too-far',
  severity: 'ask',
  find: ({ path, trap }) => {
    const lengths = path
      .slice(trap.at + 1)
      .map(({ leg, centreToCentre }) => (hasPipe(leg) ? centreToCentre : 0));
    const length = lengths.reduce<Length>((sum, each) => sum + (each ?? 0), 0);
    return length > FARTHEST ? { code: 'too-far', length, most: FARTHEST } : null;
  },
});
