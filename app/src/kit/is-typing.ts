/** Inputs that take no letters: keys that are no arrow and no space mean nothing to them. */
const CHOICES: ReadonlySet<string> = new Set(["radio", "checkbox", "range"]);

/** Whether a key goes to a field, which then keeps it. */
export function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement) return !CHOICES.has(target.type);
  return target instanceof HTMLElement && /^(TEXTAREA|SELECT)$/.test(target.tagName);
}
