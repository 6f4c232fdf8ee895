/** A fresh id: a letter, then 24 hexadecimal digits. getRandomValues, since plain http has no randomUUID. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(12));
  return `d${Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('')}`;
}
