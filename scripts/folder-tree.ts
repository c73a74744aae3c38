import path from "node:path";
import type { Dependency, DependencyTree } from "dpdm";

const FETCHED_LATER: `${Dependency["kind"]}` = "DynamicImport";

/** Which folder a file counts for; undefined where it counts for none. */
export type FolderOf = (file: string) => string | undefined;

/** The imports of files as imports between their folders; what is fetched when it is first needed (`import()`) is none. */
export function folderTree(files: DependencyTree, folderOf: FolderOf): DependencyTree {
  const arrows = new Map<string, Set<string>>();
  for (const [file, dependencies] of Object.entries(files)) {
    const from = folderOf(file);
    if (from === undefined) continue;
    const known = arrows.get(from) ?? new Set();
    arrows.set(from, known);
    for (const { id, kind } of dependencies ?? []) {
      const to = id === null || `${kind}` === FETCHED_LATER ? undefined : folderOf(id);
      if (to !== undefined && to !== from) known.add(to);
    }
  }
  return Object.fromEntries(
    [...arrows].map(([issuer, to]) => [
      issuer,
      [...to].map((id) => ({
        issuer,
        request: id,
        id,
        kind: "StaticImport" as Dependency["kind"],
      })),
    ]),
  );
}

/** The folder that a file of the core or the app is in. */
export const folderItself: FolderOf = (file) =>
  /^(?:core|app\/src)\/.+\//.test(file) ? path.posix.dirname(file) : undefined;

/** The room of the app that a file is in. */
export const roomOfApp: FolderOf = (file) => /^app\/src\/[^/]+(?=\/)/.exec(file)?.[0];
