import { pageQuerySchema, remarkInputSchema, writeSchema } from "@root-gauge/contract";
import { Router } from "express";
import { z } from "zod/mini";
import { ApiFailure, changedElsewhere, checked } from "../http/api-failure";
import { positionAt } from "../http/position-at";
import { cleanJpeg, type CleanJpeg } from "../pictures/clean-jpeg";
import type { PictureFolder } from "../pictures/picture-folder";
import { createTurns } from "../pictures/turns";
import type { Store } from "../store/database";
import { findRemark, hasPicture, remarksAt, saveRemark, type SavedRemark } from "../store/remarks";

const idSchema = z.uuid();

/** The picture that was sent, without anything but the picture in it. */
function pictureIn(base64: string | undefined): CleanJpeg | undefined {
  if (base64 === undefined) return undefined;
  const picture = cleanJpeg(Buffer.from(base64, "base64"));
  if (picture !== undefined) return picture;
  const message = "is no whole JPEG";
  throw new ApiFailure("invalid-body", `What was sent cannot be taken. picture: ${message}.`, [
    { path: "picture", message },
  ]);
}

function savedOrRefused(saved: SavedRemark) {
  switch (saved.kind) {
    case "saved":
      return saved.record;
    case "conflict":
      throw changedElsewhere("note");
    case "no-position":
      throw new ApiFailure(
        "position-not-found",
        "The position it belongs to is not here. Save the position first.",
      );
    case "says-nothing":
      throw new ApiFailure("invalid-body", "A note has words, a picture or both; this has none.");
  }
}

/** What was noted of a position, with its pictures: GET under the position, PUT and the picture under its own id. */
export function remarkRoutes(store: Store, pictures: PictureFolder, now: () => Date): Router {
  const router = Router();
  // The same note from two tabs: one of them writes its picture, and its record says that one's size.
  const inTurn = createTurns();

  router.get("/positions/:id/remarks", async (request, response) => {
    const { id } = await positionAt(store, request.params.id);
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await remarksAt(store, id, after);
    response.json({ remarks: items, next });
  });

  router.get("/remarks/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const remark = await findRemark(store, id);
    if (remark === undefined) throw new ApiFailure("note-not-found", "There is no such note.");
    response.json(remark);
  });

  router.put("/remarks/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const input = checked(remarkInputSchema, request.body, "invalid-body");
    const write = checked(writeSchema, request.query, "invalid-query");
    const picture = pictureIn(input.picture);
    const saved = await inTurn(id, async () => {
      const had = await hasPicture(store, id);
      const isNew = picture !== undefined && !had;
      // The file stands before the record says so; one that is refused leaves none behind.
      if (isNew) await pictures.keep(id, picture.bytes);
      const done = await saveRemark(store, id, input, had ? undefined : picture, now(), write);
      if (isNew && done.kind !== "saved") await pictures.drop(id);
      return done;
    });
    response.json(savedOrRefused(saved));
  });

  router.get("/remarks/:id/picture", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const bytes = (await hasPicture(store, id)) ? await pictures.read(id) : undefined;
    if (bytes === undefined) {
      throw new ApiFailure("picture-not-found", "There is no such picture.");
    }
    response.set({
      "Content-Type": "image/jpeg",
      // A picture is never changed, only taken out with its note.
      "Cache-Control": "private, max-age=31536000, immutable",
      "Content-Disposition": "inline",
      "Content-Security-Policy": "default-src 'none'; sandbox",
    });
    response.send(bytes);
  });

  return router;
}
