import { connect } from "node:net";
import type { AddressInfo } from "node:net";
import express from "express";
import { listen, stopListening } from "./listen";

describe("a request that is begun and never sent", () => {
  it("is closed when its time is over, and others are answered meanwhile", async () => {
    const app = express();
    app.get("/", (_request, response) => {
      response.send("here");
    });
    const server = await listen(app, "127.0.0.1", 0, 200);
    const { port } = server.address() as AddressInfo;
    const half = connect(port, "127.0.0.1");
    const closed = new Promise<void>((resolve) => half.once("close", () => resolve()));
    half.on("data", () => undefined);
    half.write("GET / HTTP/1.1\r\nHost: localhost\r\n");
    const answer = await fetch(`http://127.0.0.1:${port}/`);
    expect(await answer.text()).toBe("here");
    await closed;
    await stopListening(server);
  });
});
