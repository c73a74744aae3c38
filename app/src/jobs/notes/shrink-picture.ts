import type { Picture } from "@root-gauge/contract";

/** A photograph made small, drawn anew: of where and by whom it was taken nothing is left in it. */
export interface SmallPicture extends Picture {
  readonly blob: Blob;
}

/** Why a file is not taken: it is too large to be opened on a phone, or the browser cannot show it as a picture. */
export type PictureProblem = "too-large" | "no-picture";

/** The largest file that is opened, bytes. */
export const LARGEST_FILE = 40_000_000;
/** The longer side that a picture is made small to, points: a thread fills a screen, and a wireless carries it. */
const LONGER_SIDE = 1600;
const QUALITY = 0.8;

function sizeWithin(width: number, height: number) {
  const scale = Math.min(1, LONGER_SIDE / Math.max(width, height));
  return { width: Math.round(width * scale), height: Math.round(height * scale) };
}

/** Draws a photograph anew, no larger than is looked at, the right way up. */
export async function shrinkPicture(file: File): Promise<SmallPicture | PictureProblem> {
  if (file.size > LARGEST_FILE) return "too-large";
  const picture = await createImageBitmap(file).catch(() => undefined);
  if (picture === undefined || picture.width === 0) return "no-picture";
  const size = sizeWithin(picture.width, picture.height);
  const canvas = document.createElement("canvas");
  Object.assign(canvas, size);
  const context = canvas.getContext("2d");
  if (context === null) return "no-picture";
  // What shows through becomes white: a JPEG has no glass.
  context.fillStyle = "white";
  context.fillRect(0, 0, size.width, size.height);
  context.imageSmoothingQuality = "high";
  context.drawImage(picture, 0, 0, size.width, size.height);
  picture.close();
  const blob = await new Promise<Blob | null>((resolve) => {
    canvas.toBlob(resolve, "image/jpeg", QUALITY);
  });
  return blob === null ? "no-picture" : { ...size, blob, bytes: blob.size };
}
