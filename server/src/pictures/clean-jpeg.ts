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

const begins = (content: Buffer, name: string) =>
  content.subarray(0, name.length).toString("latin1") === name;

/** JFIF 1.02: five letters, version, density; behind them a small second picture, which is not kept. */
const JFIF_BYTES = 12;
/** How colours are coded: five letters and seven bytes. */
const COLOURS_BYTES = 12;

function segment(marker: number, content: Buffer): Buffer {
  const head = Buffer.from([FILL, marker, 0, 0]);
  head.writeUInt16BE(content.length + 2, 2);
  return Buffer.concat([head, content]);
}

/**
 * What is kept of a note: JFIF without its small picture, a colour profile, and how colours are coded; all others may say
 * where and by whom it was taken. Undefined of what is no note.
 */
function noteKept(marker: number, content: Buffer): Buffer | undefined {
  const isNote = (marker >= 0xe0 && marker <= 0xef) || marker === 0xfe;
  if (!isNote) return undefined;
  if (marker === 0xe0 && begins(content, "JFIF\0") && content.length >= JFIF_BYTES) {
    return segment(marker, Buffer.concat([content.subarray(0, JFIF_BYTES), Buffer.from([0, 0])]));
  }
  if (marker === 0xe2 && begins(content, "ICC_PROFILE\0")) return segment(marker, content);
  const isColours = marker === 0xee && begins(content, "Adobe");
  return isColours && content.length >= COLOURS_BYTES
    ? segment(marker, content.subarray(0, COLOURS_BYTES))
    : Buffer.alloc(0);
}

/** More points than a phone's camera takes: a few bytes may say of themselves that they are a picture as large as a wall. */
const MOST_POINTS = 50_000_000;

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
 * @returns undefined where it is no whole JPEG, or of more points than are shown
 * Source: ITU-T T.81, annex B
 */
export function cleanJpeg(bytes: Buffer): CleanJpeg | undefined {
  if (bytes[0] !== FILL || bytes[1] !== SOI) return undefined;
  const parts = [bytes.subarray(0, 2)];
  let size: { readonly width: number; readonly height: number } | undefined;
  let scanned = false;
  let at = 2;
  while (bytes[at] === FILL) {
    const marker = bytes[at + 1] ?? STUFFED;
    if (marker === FILL) {
      at += 1;
      continue;
    }
    if (marker === EOI) {
      parts.push(bytes.subarray(at, at + 2));
      return size === undefined || !scanned ? undefined : { bytes: Buffer.concat(parts), ...size };
    }
    if (at + 4 > bytes.length) return undefined;
    const end = at + 2 + bytes.readUInt16BE(at + 2);
    if (end > bytes.length || end < at + 4) return undefined;
    const content = bytes.subarray(at + 4, end);
    if (isFrame(marker) && content.length >= 5) {
      size = { height: content.readUInt16BE(1), width: content.readUInt16BE(3) };
      const points = size.height * size.width;
      if (points === 0 || points > MOST_POINTS) return undefined;
    }
    const next = marker === SOS ? endOfScan(bytes, end) : end;
    if (next < 0) return undefined;
    scanned ||= marker === SOS && size !== undefined;
    parts.push(noteKept(marker, content) ?? bytes.subarray(at, next));
    at = next;
  }
  return undefined;
}
