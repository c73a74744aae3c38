import { eventListSchema, recordEventSchema, type RecordEvent } from "@root-gauge/contract";
import { randomUUID } from "node:crypto";
import { machineNamed, serverForTests } from "./test-server";

const server = serverForTests();

const save = (id: string, name: string, device?: string) =>
  server.put(
    `/machines/${id}${device === undefined ? "" : `?device=${device}`}`,
    machineNamed(name),
  );

async function since(after?: number) {
  const answer = await server.get(`/events/since${after === undefined ? "" : `?after=${after}`}`);
  return eventListSchema.parse(await answer.json());
}

/** Follows the stream until so many changes have come. */
async function followed(count: number, init: RequestInit, then: () => Promise<unknown>) {
  const stop = new AbortController();
  const answer = await fetch(`${server.address()}/api/events`, { ...init, signal: stop.signal });
  const reader = answer.body?.pipeThrough(new TextDecoderStream()).getReader();
  const events: RecordEvent[] = [];
  let text = "";
  let begun = false;
  while (events.length < count && reader !== undefined) {
    const { value = "", done } = await reader.read();
    if (done) break;
    text += value;
    if (!begun && text.includes("event:here")) {
      begun = true;
      await then();
    }
    events.splice(0, events.length);
    for (const [, data = ""] of text.matchAll(/event:change\nid:\d+\ndata:(.*)\n/g)) {
      events.push(recordEventSchema.parse(JSON.parse(data)));
    }
  }
  stop.abort();
  return events;
}

describe("what was changed", () => {
  it("is told to who asks from where it was, each record once", async () => {
    const { last } = await since();
    const [one, device] = [randomUUID(), randomUUID()];
    await save(one, "Stitcher", device);
    await server.put(`/machines/${one}?device=${device}&saw=1`, machineNamed("Wire stitcher"));
    const told = await since(last);
    expect(told.events).toMatchObject([{ kind: "machine", record: one, device }]);
    expect((await since(told.last)).events).toEqual([]);
  });

  it("is told as a whole where it is more than a screen asks for one by one", async () => {
    const { last } = await since();
    for (let at = 0; at < 205; at += 1) await save(randomUUID(), `Machine ${at}`);
    expect(await since(last)).toMatchObject({ events: [], more: true });
  });

  it("streams as it happens", async () => {
    const id = randomUUID();
    const events = await followed(1, {}, () => save(id, "Folder"));
    expect(events).toMatchObject([{ kind: "machine", record: id, device: "" }]);
  });

  it("goes on from the last event that a screen had", async () => {
    const { last } = await since();
    const id = randomUUID();
    await save(id, "Perforator");
    const headers = { "last-event-id": String(last) };
    expect(await followed(1, { headers }, () => Promise.resolve())).toMatchObject([{ record: id }]);
  });

  it("holds no stream for who asks for its head", async () => {
    const answer = await fetch(`${server.address()}/api/events`, { method: "HEAD" });
    expect([answer.status, await answer.text()]).toEqual([200, ""]);
  });
});
