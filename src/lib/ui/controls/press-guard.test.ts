import { expect } from 'chai';
import { PressGuard } from './press-guard.ts';

describe('the press guard of gloves', () => {
  it('takes what comes slowly, and of a bounce the first press only', () => {
    const guard = new PressGuard(300);
    expect([0, 120, 250, 310, 400, 900].map((at) => guard.takes(at))).to.deep.equal([
      true,
      false,
      false,
      true,
      false,
      true,
    ]);
  });

  it('a label and its field are one press', () => {
    const guard = new PressGuard(300);
    expect([0, 1, 100].map((at) => guard.takes(at))).to.deep.equal([true, true, false]);
  });

  it('without a pause takes every press', () => {
    const guard = new PressGuard(0);
    expect([5, 5, 6].map((at) => guard.takes(at))).to.deep.equal([true, true, true]);
  });
});
