/** A name under which the server is reached: with a scheme, and with a port or at any. */
export interface Named {
  readonly scheme: 'http' | 'https';
  readonly host: string;
  readonly port: string | null;
}

export const isLoopback = (host: string): boolean => ['127.0.0.1', 'localhost', '::1'].includes(host);

const NAME = /^(?:(https?):\/\/)?([a-z0-9.-]+|\[[0-9a-f:]+\])(?::(\d{1,5}))?$/;

/**
 * Reads `PORTHOLE_NAMES`: names or addresses with commas between, `porthole.lan, https://porthole.example, 192.168.1.5:7608`.
 * Gives the first that cannot be read as text.
 */
export function readNames(said: string): readonly Named[] | string {
  const names: Named[] = [];
  for (const each of said
    .split(',')
    .map((part) => part.trim().toLowerCase())
    .filter(Boolean)) {
    const match = NAME.exec(each);
    if (!match) return each;
    names.push({ scheme: match[1] === 'https' ? 'https' : 'http', host: match[2]!, port: match[3] ?? null });
  }
  return names;
}
