import { createStore, type UseStore } from "idb-keyval";

/** A store in the browser's database, opened when it is first asked: where that is forbidden each question fails by itself. */
export function browserStore(database: string, name: string): UseStore {
  let opened: UseStore | undefined;
  return async (mode, ask) => (opened ??= createStore(database, name))(mode, ask);
}
