/** Why SQLite cannot write or open a file, as a sentence of what to do; undefined of any other error. */
export function storeTrouble(error: unknown): string | undefined {
  if (!(error instanceof Error)) return undefined;
  const code = "code" in error ? String(error.code) : "";
  return TROUBLES.find(([pattern]) => pattern.test(code) || pattern.test(error.message))?.[1];
}

const TROUBLES: readonly (readonly [RegExp, string])[] = [
  [/^SQLITE_FULL|database or disk is full|^ENOSPC/i, "the disk is full: make room on it"],
  [
    /^SQLITE_(?:READONLY|PERM)|write a readonly database|^(?:EROFS|EACCES)/i,
    "it may only be read: let this user write to it and to its folder",
  ],
  [/^SQLITE_IOERR|disk I\/O error|^EIO$/i, "its disk does not read or write as it should"],
  [/^SQLITE_CORRUPT|disk image is malformed/i, "it is damaged: put back a copy"],
  [/^SQLITE_NOTADB|file is not a database/i, "it is no database"],
  [
    /^SQLITE_CANTOPEN|unable to open (?:connection to local )?database/i,
    "it cannot be opened: its folder must be there, and this user be let in",
  ],
];
