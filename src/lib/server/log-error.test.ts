import { expect } from 'chai';
import { describeError } from './log-error.ts';

describe('an error in the log', () => {
  const SECRETS = ['Ada Quill', '12 Mill Lane', '43 1/4', '{"legs":'];

  it('says what happened and where, and nothing of what was kept', () => {
    const detail = Object.assign(new Error(`duplicate key: (Ada Quill, 12 Mill Lane)`), {
      code: '23505',
      detail: 'Key (name)=(Ada Quill) exists',
    });
    const query = Object.assign(
      new Error(`Failed query: insert into people values ($1)\nparams: Ada Quill,43 1/4,{"legs":`, {
        cause: detail,
      }),
      { name: 'DrizzleQueryError', query: 'insert into people values ($1)', params: SECRETS },
    );
    const told = JSON.stringify(describeError(query));
    for (const secret of SECRETS) expect(told).to.not.include(JSON.stringify(secret).slice(1, -1));
    expect(told)
      .to.include('23505')
      .and.to.include('insert into people values ($1)')
      .and.to.include('log-error.test.ts');
  });

  it('keeps the language’s own messages, but for what stands in quotes', () => {
    const [first] = describeError(new TypeError(`Cannot create property 'x' on string 'Ada Quill'`));
    expect(first?.message).to.equal('Cannot create property … on string …');
    expect(describeError(new Error('no leg with id 12 Mill Lane'))[0]?.message).to.equal(null);
    expect(describeError('thrown text')).to.deep.equal([]);
  });
});
