import type { Dependency, DependencyTree } from "dpdm";
import { folderItself, folderTree, roomOfApp } from "./folder-tree";

const importing = (
  kind: `${Dependency["kind"]}`,
  ...pairs: readonly (readonly [string, string])[]
) =>
  Object.fromEntries(
    pairs.map(([issuer, id]) => [
      issuer,
      [{ issuer, request: id, id, kind: kind as Dependency["kind"] }],
    ]),
  ) satisfies DependencyTree;

const arrows = (tree: DependencyTree) =>
  Object.entries(tree).flatMap(([from, to]) => (to ?? []).map(({ id }) => `${from} -> ${id}`));

const FILES = importing(
  "StaticImport",
  ["app/src/jobs/orders/list.tsx", "app/src/mend/plan/reopen.ts"],
  ["app/src/mend/plan/reopen.ts", "app/src/jobs/machines/row.tsx"],
  ["core/say/common/words.ts", "core/say/common/article.ts"],
  ["core/bench.ts", "core/measure/index.ts"],
);

it("two rooms that import each other are a circle, though no file and no folder of theirs closes one", () => {
  expect(arrows(folderTree(FILES, roomOfApp))).toEqual([
    "app/src/jobs -> app/src/mend",
    "app/src/mend -> app/src/jobs",
  ]);
  expect(arrows(folderTree(FILES, folderItself))).toEqual([
    "app/src/jobs/orders -> app/src/mend/plan",
    "app/src/mend/plan -> app/src/jobs/machines",
  ]);
});

it("what is fetched when it is first needed is no arrow", () => {
  const fetched = importing("DynamicImport", ["app/src/shell/page.tsx", "app/src/kit/text.tsx"]);
  expect(arrows(folderTree(fetched, roomOfApp))).toEqual([]);
});
