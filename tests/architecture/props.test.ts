import { expect } from 'chai';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const files = (readdirSync('src', { recursive: true }) as string[])
  .filter((name) => name.endsWith('.svelte'))
  .map((name) => join('src', name));

/** The names of the fields of `interface Props` of a component. */
function readProps(source: string): string[] {
  const body = /interface Props(?:<[^{]*>)? \{\n([\s\S]*?)\n {2}\}/.exec(source)?.[1] ?? '';
  return [...body.matchAll(/^ {4}(?:readonly )?(\w+)\??:/gm)].map(([, name]) => name!);
}

describe('props of components', () => {
  it('each that is asked for is used', () => {
    let props = 0;
    for (const file of files) {
      const source = readFileSync(file, 'utf8');
      for (const name of readProps(source)) {
        props++;
        // Declared, taken out of the props, and used at least once.
        const times = source.match(new RegExp(`\\b${name}\\b`, 'g'))?.length ?? 0;
        expect(times, `${file}: ${name}`).to.be.at.least(3);
      }
    }
    expect(props).to.be.greaterThan(300);
  });
});
