import { readdirSync } from "node:fs";
import path from "node:path";
import { PAGES, isPage } from "@root-gauge/contract";

/** The address of a route's file: "machine/[id].tsx" is "/machine/:id". */
function addressOf(file: string): string {
  const name = file.replace(/\.tsx$/, "").replace(/\[(\w+)\]/g, ":$1");
  return `/${name.replace(/(?:^|\/)index$/, "")}`;
}

describe("the pages that the server knows", () => {
  it("are those that the app has", () => {
    const files = readdirSync(path.resolve(__dirname, "../app"), { recursive: true })
      .map((file) => String(file).split(path.sep).join("/"))
      .filter((file) => file.endsWith(".tsx") && !/(?:^|\/)[_+]/.test(file));
    expect(files.map(addressOf).sort()).toEqual([...PAGES].sort());
  });

  it.each([
    "/",
    "/jobs",
    "/jobs/",
    "/jobs/a-b",
    "/machine/a-b",
    "/position/7",
    "/sheet/7",
    "/charts/thread",
  ])("has %s", (at) => {
    expect(isPage(at)).toBe(true);
  });

  it.each(["/machine", "/machines/a/b", "/sheet", "/chartsx", "//", "/api"])("has no %s", (at) => {
    expect(isPage(at)).toBe(false);
  });
});
