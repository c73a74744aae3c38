import { mkdirSync } from "node:fs";
import { readFile, rename, rm, writeFile } from "node:fs/promises";
import path from "node:path";
import { StartupError } from "../config";

/** Where pictures are kept, each as a file under the id of what it belongs to. */
export interface PictureFolder {
  /** Writes a picture whole or not at all. */
  keep(id: string, bytes: Buffer): Promise<void>;
  /** A picture; undefined where its file is not there. */
  read(id: string): Promise<Buffer | undefined>;
  /** Takes away the file of a picture that was not stored after all. */
  drop(id: string): Promise<void>;
}

/** The folder that belongs to a database file: beside it, under its name. */
export const pictureFolderOf = (databaseFile: string) => `${databaseFile}.pictures`;

/**
 * The pictures that belong to a database file; the folder is made where there is none.
 * @throws StartupError where it cannot be
 */
export function openPictures(databaseFile: string): PictureFolder {
  const folder = pictureFolderOf(databaseFile);
  try {
    mkdirSync(folder, { recursive: true });
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    throw new StartupError(`The folder ${folder} for photographs cannot be made: ${why}.`);
  }
  // Ids are checked where they come in; no other letter can lead out of the folder.
  const fileOf = (id: string) => path.join(folder, `${id.replace(/[^0-9a-f-]/gi, "")}.jpg`);
  return {
    keep: async (id, bytes) => {
      const making = `${fileOf(id)}.making`;
      await writeFile(making, bytes, { flush: true });
      await rename(making, fileOf(id));
    },
    read: async (id) => {
      try {
        return await readFile(fileOf(id));
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code === "ENOENT") return undefined;
        throw error;
      }
    },
    drop: (id) => rm(fileOf(id), { force: true }),
  };
}
