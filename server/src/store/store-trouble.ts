/** Why SQLite cannot write or open a file, as a sentence of what to do; undefined of any other error. */
export function storeTrouble(error: unknown): string | undefined {
  // The file system's own errors have a code, those of SQLite are known by their words.
  const { code, message } = Object(error) as {
    readonly code?: unknown;
    readonly message?: unknown;
  };
  const said = [code, message].filter((one) => typeof one === "string");
  return TROUBLES.find(([pattern]) => said.some((one) => pattern.test(one)))?.[1];
}

const TROUBLES: readonly (readonly [RegExp, string])[] = [
  [/database or disk is full|^ENOSPC/i, "the disk is full: make room on it"],
  [
    /write a readonly database|^(?:EROFS|EACCES)/i,
    "it may only be read: let this user write to it and to its folder",
  ],
  [/disk I\/O error|^EIO$/i, "its disk does not read or write as it should"],
  [/disk image is malformed/i, "it is damaged: put back a copy"],
  [/file is not a database/i, "it is no database"],
  [
    /unable to open database/i,
    "it cannot be opened: its folder must be there, and this user be let in",
  ],
];
