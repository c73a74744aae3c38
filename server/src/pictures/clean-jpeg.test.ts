import { decode } from "jpeg-js";
import { seededRandom } from "@root-gauge/core/random";
import { paintedPicture } from "../test-server";
import { cleanJpeg } from "./clean-jpeg";

/** A segment of a JPEG: its marker, its length and what it holds. */
function segment(marker: number, content: string): Buffer {
  const body = Buffer.from(content, "latin1");
  const head = Buffer.from([0xff, marker, 0, 0]);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([head, body]);
}

const EXIF = segment(0xe1, "Exif\0\0 GPS 52.1 north, taken by hand-held 7");
const COMMENT = segment(0xfe, "Osier Lane, front shop");
const SECOND = segment(0xe2, "MPF\0 a second picture");
const PROFILE = segment(0xe2, "ICC_PROFILE\0\u0001\u0001 colours");

/** The picture with segments set in after its first two bytes, and something behind its end. */
const withNotes = (picture: Buffer, ...notes: readonly Buffer[]) =>
  Buffer.concat([
    picture.subarray(0, 2),
    ...notes,
    picture.subarray(2),
    Buffer.from("behind the end, with GPS"),
  ]);

describe("a picture that is kept", () => {
  const picture = paintedPicture(64, 48);

  it("has lost where and by whom it was taken, and shows the same", () => {
    const clean = cleanJpeg(withNotes(picture, EXIF, COMMENT, SECOND));
    expect(clean).toMatchObject({ width: 64, height: 48 });
    const text = clean?.bytes.toString("latin1") ?? "";
    expect(text).not.toMatch(/GPS|hand-held|Osier|MPF/);
    expect(decode(clean?.bytes ?? Buffer.alloc(0)).data).toEqual(decode(picture).data);
  });

  it("keeps its colours' profile, which is part of the picture", () => {
    const clean = cleanJpeg(withNotes(picture, PROFILE));
    expect(clean?.bytes.toString("latin1")).toContain("ICC_PROFILE");
  });

  it("stays as it is when it is kept a second time", () => {
    const once = cleanJpeg(withNotes(picture, EXIF));
    expect(cleanJpeg(once?.bytes ?? Buffer.alloc(0))?.bytes).toEqual(once?.bytes);
  });

  it("has lost a small second picture, and what stood where the coding of colours is told", () => {
    const small = segment(
      0xe0,
      `JFIF\0\u0001\u0002\0\0\u0001\0\u0001\u0002\u0002${"thumb".repeat(3)}`,
    );
    const other = segment(0xe0, "JFXX\0 thumb too");
    const colours = segment(0xee, "Adobe\0d\0\0\0\0\u0001 and GPS");
    const clean = cleanJpeg(withNotes(picture, small, other, colours));
    const text = clean?.bytes.toString("latin1") ?? "";
    expect(text).not.toMatch(/thumb|JFXX|GPS/);
    expect(text).toContain("Adobe");
    expect(clean).toMatchObject({ width: 64, height: 48 });
    expect(() => decode(clean?.bytes ?? Buffer.alloc(0))).not.toThrow();
  });

  it("is not made of one that says it has more points than a wall, nor of one without a scan", () => {
    const frame = picture.indexOf(Buffer.from([0xff, 0xc0]));
    const vast = Buffer.from(picture);
    vast.writeUInt16BE(20_000, frame + 5);
    vast.writeUInt16BE(20_000, frame + 7);
    expect(cleanJpeg(vast)).toBeUndefined();
    const scan = picture.indexOf(Buffer.from([0xff, 0xda]));
    expect(
      cleanJpeg(Buffer.concat([picture.subarray(0, scan), Buffer.from([0xff, 0xd9])])),
    ).toBeUndefined();
  });

  it.each([
    ["nothing", Buffer.alloc(0)],
    ["another kind of picture", Buffer.from("\x89PNG\r\n\x1a\n and more", "latin1")],
    ["words", Buffer.from("no picture at all")],
    ["its beginning alone", Buffer.from([0xff, 0xd8, 0xff])],
    ["no size in it", Buffer.from([0xff, 0xd8, 0xff, 0xd9])],
  ])("is not made of %s", (_what, bytes) => {
    expect(cleanJpeg(bytes)).toBeUndefined();
  });

  it("is not made of one that was cut off, wherever", () => {
    for (let length = 0; length < picture.length - 1; length += 7) {
      expect(cleanJpeg(picture.subarray(0, length))).toBeUndefined();
    }
  });

  it("never hangs or throws on bytes that are turned over", () => {
    const random = seededRandom(7);
    for (let tries = 0; tries < 500; tries += 1) {
      const broken = Buffer.from(picture);
      for (let i = 0; i < 4; i += 1) {
        broken[Math.floor(random.even() * broken.length)] = Math.floor(random.even() * 256);
      }
      expect(() => cleanJpeg(broken)).not.toThrow();
    }
  });
});
