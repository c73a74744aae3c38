import { KEPT_SCHEMAS } from "../kept/kept-schemas";
import type * as ToCome from "../kept/schemas-to-come";
import type * as Drafts from "./drafts";

describe("what is typed and not yet taken", () => {
  const fresh = async () => {
    jest.resetModules();
    const drafts = jest.requireActual<typeof Drafts>("./drafts");
    const { giveSchemas } = jest.requireActual<typeof ToCome>("../kept/schemas-to-come");
    giveSchemas(KEPT_SCHEMAS);
    await drafts.useDraftStore.persist.rehydrate();
    return drafts;
  };
  afterEach(() => localStorage.clear());

  it("is there after a reload, by field, and goes with what it became", async () => {
    const drafts = await fresh();
    drafts.writeDraft("diameter", "12.5");
    drafts.writeDraft("count.span", "10");
    drafts.clearDrafts(["diameter"]);
    const again = await fresh();
    expect([again.draftOf("diameter"), again.draftOf("count.span")]).toEqual([undefined, "10"]);
    again.clearDrafts();
    expect(localStorage.getItem("rg.drafts")).toBe("{}");
  });

  it("is found where it was kept with the part, before it had a place of its own", async () => {
    localStorage.setItem("rg.bench", '{"drafts":{"diameter":"9.9","cubits":"1","bore":2}}');
    const { draftOf, useDraftStore } = await fresh();
    expect(draftOf("diameter")).toBe("9.9");
    expect(useDraftStore.getState()).toEqual({ diameter: "9.9" });
  });
});
