/** Ways in which a file comes damaged, wrong or hostile; each takes a sound text and gives another. */
export const DAMAGES: Readonly<Record<string, (text: string, random: () => number) => string>> = {
  'cut off': (text, random) => text.slice(0, Math.floor(random() * text.length)),
  'a letter changed': (text, random) => {
    const at = Math.floor(random() * text.length);
    return `${text.slice(0, at)}${String.fromCharCode(33 + Math.floor(random() * 90))}${text.slice(at + 1)}`;
  },
  'a stretch missing': (text, random) => {
    const at = Math.floor(random() * text.length);
    return text.slice(0, at) + text.slice(at + Math.floor(random() * 200));
  },
  'a figure changed': (text, random) => {
    const figures = ['-1', '1e400', '0', '99999999999999999999', '"7"', 'null', '[]', '1.5'];
    const found = [...text.matchAll(/:(\d+)/g)];
    const one = found[Math.floor(random() * found.length)];
    if (!one) return text;
    return `${text.slice(0, one.index + 1)}${figures[Math.floor(random() * figures.length)]}${text.slice(one.index + one[0].length)}`;
  },
  'a key renamed': (text, random) => {
    const found = [...text.matchAll(/"([a-z]\w*)":/g)];
    const one = found[Math.floor(random() * found.length)];
    if (!one) return text;
    const other = ['__proto__', 'constructor', 'toString', 'porthole', 'x'][Math.floor(random() * 5)];
    return `${text.slice(0, one.index)}"${other}":${text.slice(one.index + one[0].length)}`;
  },
  'deeply nested': (_, random) => '['.repeat(1 + Math.floor(random() * 50_000)),
  'deeply nested objects': (_, random) =>
    `{"porthole":"job","version":1,"runs":${'{"a":'.repeat(Math.floor(random() * 20_000))}1`,
  'a table': (_, random) => 'Item\tQty\tPrice\r\nElbow\t3\t4.50\r\n'.repeat(1 + Math.floor(random() * 20)),
  'of another program': (_, random) =>
    [
      '<?xml version="1.0"?><a/>',
      '0\nSECTION\n2\nHEADER',
      '{"type":"FeatureCollection"}',
      '%PDF-1.7',
      '',
      'null',
      '[]',
      '"text"',
      '{"porthole":"job"}',
      '{"porthole":"jobs","version":1,"jobs":[null,3,{}]}',
    ][Math.floor(random() * 10)]!,
  newer: (text) =>
    text.replace(/"version":(\d+)/, (_, version: string) => `"version":${Number(version) + 1}`),
  'with another id': (text) => text.replace('"id":"randomrun0"', '"id":"randomjob0"'),
};

export const damage = (text: string, random: () => number): string => {
  const ways = Object.values(DAMAGES);
  return ways[Math.floor(random() * ways.length)]!(text, random);
};
