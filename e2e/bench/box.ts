import { randomUUID } from "node:crypto";
import type { Page } from "@playwright/test";
import { parcelsInDatabase } from "../support/box";
import { onPhone } from "./on-phone";
import { print, spreadWords } from "./report";

const PARCELS = 1000;
const ADDED = 20;
const AT = "2026-03-02T08:30:00.000Z";

/** The places of all machines. */
async function everyPlace(page: Page): Promise<readonly string[]> {
  const read = async <Answer>(address: string) =>
    (await (await page.request.get(`/api${address}`)).json()) as Answer;
  const { machines } = await read<{ machines: { id: string }[] }>("/machines");
  const lists = await Promise.all(
    machines.map(({ id }) => read<{ positions: { id: string }[] }>(`/machines/${id}/positions`)),
  );
  return lists.flatMap(({ positions }) => positions.map(({ id }) => id));
}

/** Notes that wait, a few at each place, as the version before kept them. */
const parcels = (places: readonly string[]) =>
  Array.from({ length: PARCELS }, (_, at) => {
    const id = randomUUID();
    const positionId = places[at % places.length];
    const body = { positionId, text: `Note ${at}`, takenAt: AT };
    return [
      id,
      JSON.stringify({ kind: "remark", id, body, picture: null, queuedAt: at, saw: 0 }),
    ] as const;
  });

/** A thousand saves that wait on a phone: to open with them, to add one more, and to deliver them all. */
export async function benchBox(): Promise<void> {
  await onPhone(async (page) => {
    const places = await everyPlace(page);
    await page.route("**/api/remarks/**", (route) => route.abort());
    await page.goto(`/position/${places[0]}`);
    const field = page.getByLabel("Note something, for who comes next");
    await field.waitFor();
    await page.evaluate((all) => {
      for (const [id, text] of all) localStorage.setItem(`rg.outbox.${id}`, text);
    }, parcels(places));
    const slowed = await page.context().newCDPSession(page);
    await slowed.send("Emulation.setCPUThrottlingRate", { rate: 4 });
    const start = performance.now();
    await page.reload();
    await field.waitFor();
    print(
      `${PARCELS} that wait come over from older storage, page open: ${(performance.now() - start).toFixed(0)} ms`,
    );
    const times: number[] = [];
    for (let at = 0; at < ADDED; at += 1) {
      await field.fill(`One more, ${at}`);
      const before = performance.now();
      await page.getByRole("button", { name: "Add the note" }).tap();
      await page
        .getByRole("listitem")
        .filter({ hasText: `One more, ${at}` })
        .first()
        .waitFor();
      times.push(performance.now() - before);
    }
    print(`one more put in beside ${PARCELS}, to the screen: ${spreadWords(times, 0)}`);
    await page.goto("/outbox");
    await page.getByRole("button", { name: "Save all of it as a file" }).waitFor();
    const began = performance.now();
    await page.unroute("**/api/remarks/**");
    await page.getByText("Nothing waits", { exact: false }).waitFor({ timeout: 600_000 });
    const seconds = (performance.now() - began) / 1000;
    const left = await parcelsInDatabase(page);
    print(
      `${PARCELS + ADDED} delivered in ${seconds.toFixed(1)} s, ${((1000 * seconds) / (PARCELS + ADDED)).toFixed(1)} ms each; ${left} left`,
    );
  });
}
