import { expect } from 'chai';
import { OwnPartForm } from './own-part-form.svelte.ts';

describe('a part of the shop’s own, as it is written down', () => {
  it('is not kept with an end that was typed and not chosen: that is said, and the end before it is not taken', () => {
    const form = new OwnPartForm();
    form.begin(null);
    form.name = 'meter nut';
    expect([form.isWhole, form.endsWrong]).to.eql([true, '']);
    form.ends[1].typed = ' 1/2 ips ';
    expect(form.isWhole).to.equal(false);
    expect(form.endsWrong).to.include('“1/2 ips” is not chosen');
    expect(form.toPart().ends[1].kind).to.equal('unknown');
    // Closed and begun anew nothing of it is left.
    form.begin(null);
    expect([form.ends[1].typed, form.endsWrong]).to.eql(['', '']);
  });
});
