import { crc32, deflateRawSync } from "node:zlib";

type Entry = { name: string; content: Uint8Array | string /** What the directory claims, where it lies. */; claimedSize?: number };

/** A zip file of the given entries, for files that no program would write. */
export function makeZip(entries: readonly Entry[]): Uint8Array {
  const parts: Buffer[] = [];
  const directory: Buffer[] = [];
  let offset = 0;
  for (const { name, content, claimedSize } of entries) {
    const bytes = Buffer.from(content as Uint8Array);
    const packed = deflateRawSync(bytes);
    const title = Buffer.from(name);
    const fields = Buffer.alloc(22);
    fields.writeUInt16LE(8, 4);
    fields.writeUInt32LE(0, 6);
    fields.writeUInt32LE(crc32 ? crc32(bytes) : 0, 10);
    fields.writeUInt32LE(packed.length, 14);
    fields.writeUInt32LE(claimedSize ?? bytes.length, 18);
    const shared = Buffer.concat([Buffer.from([20, 0, 0, 0]), fields.subarray(4), lengths(title.length)]);
    const local = Buffer.concat([Buffer.from("PK\u0003\u0004"), shared, title, packed]);
    const tail = Buffer.alloc(14);
    tail.writeUInt32LE(offset, 10);
    directory.push(Buffer.concat([Buffer.from("PK\u0001\u0002"), Buffer.from([20, 0]), shared, tail, title]));
    parts.push(local);
    offset += local.length;
  }
  const listing = Buffer.concat(directory);
  const end = Buffer.alloc(22);
  end.write("PK\u0005\u0006", "latin1");
  end.writeUInt16LE(entries.length, 8);
  end.writeUInt16LE(entries.length, 10);
  end.writeUInt32LE(listing.length, 12);
  end.writeUInt32LE(offset, 16);
  return Buffer.concat([...parts, listing, end]);
}

function lengths(name: number): Buffer {
  const buffer = Buffer.alloc(4);
  buffer.writeUInt16LE(name, 0);
  return buffer;
}
