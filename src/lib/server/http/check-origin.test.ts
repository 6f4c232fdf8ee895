import { expect } from 'chai';
import { checkOrigin } from './check-origin.ts';
import { readNames, type Named } from './named.ts';

const ask = (host: string, method = 'GET', origin?: string): Request =>
  // A browser lets nobody set the host; here it is what a foreign name would say.
  ({
    method,
    headers: new Map([['host', host], ...(origin ? [['origin', origin] as const] : [])]),
  }) as unknown as Request;
const code = (request: Request, listensOn: string, names = ''): string =>
  checkOrigin(request, listensOn, readNames(names) as Named[])?.code ?? 'ok';

describe('whom the server answers', () => {
  const NAMES = 'porthole.lan, https://porthole.example, 192.168.1.5:7608';
  for (const [host, listensOn, names, expected] of [
    ['localhost:7608', '127.0.0.1', '', 'ok'],
    ['[::1]:7608', '127.0.0.1', '', 'ok'],
    ['evil.example', '127.0.0.1', '', 'host-refused'],
    ['evil.example', '0.0.0.0', '', 'host-refused'],
    ['evil.example', '0.0.0.0', NAMES, 'host-refused'],
    ['192.168.1.9:7608', '0.0.0.0', NAMES, 'host-refused'],
    ['192.168.1.5:80', '0.0.0.0', NAMES, 'host-refused'],
    ['192.168.1.5:7608', '0.0.0.0', NAMES, 'ok'],
    ['porthole.lan', '0.0.0.0', NAMES, 'ok'],
    ['PORTHOLE.lan:7608', '0.0.0.0', NAMES, 'ok'],
    ['porthole.lan.evil.example', '0.0.0.0', NAMES, 'host-refused'],
    ['localhost:7608', '0.0.0.0', NAMES, 'ok'],
    ['porthole.example', '127.0.0.1', NAMES, 'ok'],
    ['', '0.0.0.0', NAMES, 'host-refused'],
  ] as const) {
    it(`at ${listensOn}, asked as “${host}”, named “${names}”: ${expected}`, () =>
      expect(code(ask(host), listensOn, names)).to.equal(expected));
  }
  for (const [host, origin, expected] of [
    ['localhost:7608', 'http://localhost:7608', 'ok'],
    ['localhost:7608', 'https://localhost:7608', 'origin-refused'],
    ['localhost:7608', 'http://localhost:7609', 'origin-refused'],
    ['porthole.example', 'https://porthole.example', 'ok'],
    ['porthole.example', 'http://porthole.example', 'origin-refused'],
    ['porthole.lan:7608', 'http://porthole.lan:7608', 'ok'],
    ['porthole.lan:7608', 'http://evil.example', 'origin-refused'],
    ['porthole.lan:7608', 'null', 'origin-refused'],
    ['porthole.lan:7608', undefined, 'origin-refused'],
  ] as const) {
    it(`a change from ${origin} to ${host}: ${expected}`, () =>
      expect(code(ask(host, 'POST', origin), '0.0.0.0', NAMES)).to.equal(expected));
  }
  it('says which name it cannot read', () => {
    expect(readNames('porthole.lan, ftp://x')).to.equal('ftp://x');
    expect(readNames('a b')).to.equal('a b');
    expect(readNames('')).to.deep.equal([]);
  });
});
