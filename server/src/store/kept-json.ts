import type { z } from "zod/mini";

/** What a column holds as far as its schema takes it, and the text of what it does not. */
export interface Kept<Value> {
  readonly value: Value | undefined;
  readonly unreadable: readonly string[];
}

export function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

export function kept<Value>(text: string, schema: z.ZodMiniType<Value>): Kept<Value> {
  const parsed = schema.safeParse(jsonOf(text));
  return parsed.success
    ? { value: parsed.data, unreadable: [] }
    : { value: undefined, unreadable: [text] };
}

/** What was set aside by an earlier writing, and what cannot be read now. */
export function setAside(row: { readonly set_aside: string }): readonly string[] {
  const list = jsonOf(row.set_aside);
  return Array.isArray(list) ? list.map(String) : [row.set_aside];
}
