import { randomUUID } from "node:crypto";
import { existsSync, mkdirSync } from "node:fs";
import { readFile, readdir, rename, rm, stat, utimes, writeFile } from "node:fs/promises";
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
  /** The ids of all pictures. */
  all(): Promise<readonly string[]>;
  /** Takes away what was begun and never finished; says how many. */
  dropHalf(): Promise<number>;
  /** Puts a picture where it is not shown and can be brought back from. */
  putAside(id: string, now: Date): Promise<void>;
  /** Brings a picture back; whether there was one. */
  bringBack(id: string): Promise<boolean>;
  /** Takes away what was put aside before a time; says how many. */
  dropAside(before: Date): Promise<number>;
}

const ENDING = ".jpg";
const HALF = ".making";

/** The folder that belongs to a database file: beside it, under its name. */
export const pictureFolderOf = (databaseFile: string) => `${databaseFile}.pictures`;

/**
 * The pictures that belong to a database file; the folder is made where there is none.
 * @throws StartupError where it cannot be
 */
export function openPictures(databaseFile: string): PictureFolder {
  const folder = pictureFolderOf(databaseFile);
  const aside = path.join(folder, "aside");
  try {
    mkdirSync(aside, { recursive: true });
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    throw new StartupError(`The folder ${folder} for photographs cannot be made: ${why}.`);
  }
  // Ids are checked where they come in; no other letter can lead out of the folder.
  const nameOf = (id: string) => `${id.replace(/[^0-9a-f-]/gi, "")}${ENDING}`;
  const fileOf = (id: string) => path.join(folder, nameOf(id));
  const asideOf = (id: string) => path.join(aside, nameOf(id));
  return {
    keep: async (id, bytes) => {
      // A name of its own: what is sent twice at once is not written into one file.
      const making = `${fileOf(id)}.${randomUUID()}${HALF}`;
      try {
        await writeFile(making, bytes, { flush: true });
        await rename(making, fileOf(id));
      } catch (error) {
        await rm(making, { force: true });
        throw error;
      }
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
    all: async () => {
      const names = await readdir(folder);
      return names.flatMap((name) =>
        name.endsWith(ENDING) ? [name.slice(0, -ENDING.length)] : [],
      );
    },
    dropHalf: async () => {
      const half = (await readdir(folder)).filter((name) => name.endsWith(HALF));
      for (const name of half) await rm(path.join(folder, name), { force: true });
      return half.length;
    },
    putAside: async (id, now) => {
      await rename(fileOf(id), asideOf(id));
      await utimes(asideOf(id), now, now);
    },
    bringBack: async (id) => {
      if (!existsSync(asideOf(id))) return false;
      await rename(asideOf(id), fileOf(id));
      return true;
    },
    dropAside: async (before) => {
      let gone = 0;
      for (const name of await readdir(aside)) {
        const file = path.join(aside, name);
        if ((await stat(file)).mtime >= before) continue;
        await rm(file, { force: true });
        gone += 1;
      }
      return gone;
    },
  };
}
