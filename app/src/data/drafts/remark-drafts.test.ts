import { renderHook } from "@testing-library/react";
import { clearRemarkDraft, useRemarkDraft, writeRemarkDraft } from "./remark-drafts";

const typedAt = (id: string) => renderHook(() => useRemarkDraft(id)).result.current;

describe("what is typed of a note", () => {
  it("is of its own position, and goes when it was taken", () => {
    writeRemarkDraft("cover", "Head rounded");
    writeRemarkDraft("bar", "Sound");
    clearRemarkDraft("cover", "Head rounded");
    expect(typedAt("cover")).toBeUndefined();
    expect(typedAt("bar")).toBe("Sound");
  });

  it("stays where more was typed while a photograph was made small", () => {
    writeRemarkDraft("cover", "Head rounded; and");
    clearRemarkDraft("cover", "Head rounded");
    expect(typedAt("cover")).toBe("Head rounded; and");
  });
});
