import type { Page } from "@playwright/test";

/** How many saves wait in the browser's database. */
export const parcelsInDatabase = (page: Page): Promise<number> =>
  page.evaluate(async () => {
    const database = await new Promise<IDBDatabase>((resolve, reject) => {
      const opening = indexedDB.open("root-gauge-box");
      opening.onsuccess = () => resolve(opening.result);
      opening.onerror = () => reject(opening.error ?? new Error("no database"));
    });
    const count = await new Promise<number>((resolve) => {
      const counting = database.transaction("parcels").objectStore("parcels").count();
      counting.onsuccess = () => resolve(counting.result);
    });
    database.close();
    return count;
  });
