export { sizeNotes } from "./size-notes";
export type { SizeNote } from "./size-notes";
export { threadUses } from "./uses";
export type { ThreadUse } from "./uses";
