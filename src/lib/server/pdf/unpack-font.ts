import { inflateSync } from 'node:zlib';

/** Bytes of the heads of a font as it is packed (WOFF 1.0) and of one that is not (OpenType), and of one entry of their directories. */
const PACKED = { head: 44, entry: 20 };
const PLAIN = { head: 12, entry: 16 };
const SIGNATURE = 0x774f4646;

/**
 * A font packed for the web (WOFF 1.0, by the W3C's recommendation of 2012) as the OpenType font it was made from. Whoever draws with
 * packed ones unpacks their tables anew for every document, which takes most of the time of a short one. Throws where it is no such font.
 */
export function unpackFont(packed: Uint8Array): Uint8Array {
  const from = new DataView(packed.buffer, packed.byteOffset, packed.byteLength);
  if (from.getUint32(0) !== SIGNATURE) throw new Error('a font that is not packed as expected');
  const count = from.getUint16(12);
  const font = new Uint8Array(from.getUint32(16));
  const to = new DataView(font.buffer);
  // The search figures of the head are those of binary search over its entries.
  const power = Math.floor(Math.log2(count));
  to.setUint32(0, from.getUint32(4));
  to.setUint16(4, count);
  to.setUint16(6, 2 ** power * PLAIN.entry);
  to.setUint16(8, power);
  to.setUint16(10, (count - 2 ** power) * PLAIN.entry);
  let at = PLAIN.head + count * PLAIN.entry;
  for (let i = 0; i < count; i++) {
    const entry = PACKED.head + i * PACKED.entry;
    const [tag, offset, packedSize, size, checksum] = [0, 4, 8, 12, 16].map((field) =>
      from.getUint32(entry + field),
    ) as [number, number, number, number, number];
    const table = packed.subarray(offset, offset + packedSize);
    font.set(packedSize < size ? inflateSync(table) : table, at);
    [tag, checksum, at, size].forEach((value, k) =>
      to.setUint32(PLAIN.head + i * PLAIN.entry + k * 4, value),
    );
    at += Math.ceil(size / 4) * 4;
  }
  return font;
}
