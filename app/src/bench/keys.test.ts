import { BENCH_KEYS, benchKeyOf } from "./keys";

function pressed(key: string, more: Partial<KeyboardEvent> = {}): KeyboardEvent {
  return {
    key,
    ctrlKey: false,
    metaKey: false,
    altKey: false,
    target: null,
    ...more,
  } as KeyboardEvent;
}

describe("the keys of the wide bench", () => {
  it("are each their own, and known by name", () => {
    expect(new Set(BENCH_KEYS).size).toBe(BENCH_KEYS.length);
    for (const key of BENCH_KEYS) expect(benchKeyOf(pressed(key))).toBe(key);
    expect(benchKeyOf(pressed("x"))).toBeUndefined();
  });

  it("leave the browser's own shortcuts alone", () => {
    expect(benchKeyOf(pressed("z", { ctrlKey: true }))).toBeUndefined();
    expect(benchKeyOf(pressed("d", { metaKey: true }))).toBeUndefined();
  });

  it("leave a field its keys", () => {
    const field = document.createElement("input");
    expect(benchKeyOf(pressed("d", { target: field }))).toBeUndefined();
  });
});
