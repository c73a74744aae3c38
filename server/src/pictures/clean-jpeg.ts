/** A picture without anything but the picture: no place, no camera, no second picture behind it. */
export interface CleanJpeg {
  readonly bytes: Buffer;
  readonly width: number;
  readonly height: number;
}

const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;
const STUFFED = 0x00;
const FILL = 0xff;

const isRestart = (marker: number) => marker >= 0xd0 && marker <= 0xd7;

/** The frame headers, which say how large the picture is: C4, C8 and CC are other things. */
const isFrame = (marker: number) =>
  marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);

/** JFIF, a colour profile, and the note of how colours are coded; all other notes may say where and by whom it was taken. */
function isKept(marker: number, content: Buffer): boolean {
  const isNote = (marker >= 0xe0 && marker <= 0xef) || marker === 0xfe;
  if (!isNote) return true;
  if (marker === 0xe2) return content.subarray(0, 11).toString("latin1") === "ICC_PROFILE";
  return marker === 0xe0 || marker === 0xee;
}

/** Where the coded picture that begins here ends: at the next marker that is not part of it. */
function endOfScan(bytes: Buffer, from: number): number {
  for (let at = from; at + 1 < bytes.length; at += 1) {
    const next = bytes[at + 1] ?? STUFFED;
    if (bytes[at] === FILL && next !== STUFFED && next !== FILL && !isRestart(next)) return at;
  }
  return -1;
}

/**
 * A JPEG with nothing but its picture in it.
 * @param bytes what was sent
 * @returns undefined where it is no whole JPEG
 * Source: ITU-T T.81, annex B
 */
export function cleanJpeg(bytes: Buffer): CleanJpeg | undefined {
  if (bytes[0] !== FILL || bytes[1] !== SOI) return undefined;
  const parts = [bytes.subarray(0, 2)];
  let size: { readonly width: number; readonly height: number } | undefined;
  let at = 2;
  while (bytes[at] === FILL) {
    const marker = bytes[at + 1] ?? STUFFED;
    if (marker === FILL) {
      at += 1;
      continue;
    }
    if (marker === EOI) {
      parts.push(bytes.subarray(at, at + 2));
      return size === undefined ? undefined : { bytes: Buffer.concat(parts), ...size };
    }
    if (at + 4 > bytes.length) return undefined;
    const end = at + 2 + bytes.readUInt16BE(at + 2);
    if (end > bytes.length || end < at + 4) return undefined;
    const content = bytes.subarray(at + 4, end);
    if (isFrame(marker) && content.length >= 5) {
      size = { height: content.readUInt16BE(1), width: content.readUInt16BE(3) };
      if (size.height === 0 || size.width === 0) return undefined;
    }
    const next = marker === SOS ? endOfScan(bytes, end) : end;
    if (next < 0) return undefined;
    if (isKept(marker, content)) parts.push(bytes.subarray(at, next));
    at = next;
  }
  return undefined;
}
