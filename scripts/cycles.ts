import { parseCircular, parseDependencyTree } from "dpdm";
import { folderItself, folderTree, roomOfApp } from "./folder-tree";
import { ROOT } from "./paths";

const ENTRIES = [
  "core/index.ts",
  "core/bench.ts",
  "core/lists.ts",
  "trials/**/*.ts",
  "contract/index.ts",
  "server/src/main.ts",
  "app/src/later.ts",
  "app/src/app/**/*.tsx",
  "e2e/**/*.ts",
  "scripts/*.ts",
];

const files = await parseDependencyTree(ENTRIES, {
  context: ROOT,
  tsconfig: "tsconfig.eslint.json",
});
const circles = [files, folderTree(files, folderItself), folderTree(files, roomOfApp)].flatMap(
  (tree) => parseCircular(tree),
);
for (const circle of circles) process.stderr.write(`A circle: ${circle.join(" -> ")}\n`);
process.exit(circles.length === 0 ? 0 : 1);
