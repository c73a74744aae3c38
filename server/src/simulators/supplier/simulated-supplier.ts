import type { AddressInfo } from "node:net";
import express, { json, type Response } from "express";
import { z } from "zod/mini";
import { listen, stopListening } from "../../listen";
import type { SupplierMood } from "./moods";
import { offerFor } from "./stock";

const LATE_MS = 2500;

const requestSchema = z.object({
  items: z.array(z.object({ line: z.string(), part: z.string(), quantity: z.number() })),
});

export interface SimulatedSupplier {
  readonly address: string;
  stop(): Promise<void>;
}

function offered(body: unknown, number: number) {
  const { items } = requestSchema.parse(body);
  return {
    number: `Q-${String(number).padStart(5, "0")}`,
    items: items.map(({ line, part, quantity }) => {
      const offer = offerFor(part);
      const packs =
        offer.availability === "in stock" ? Math.ceil(quantity / offer.unitsPerPack) : 0;
      return { line, packs, ...offer };
    }),
  };
}

/**
 * Starts a supplier that is not there, as an HTTP service of its own on this machine.
 * @param moods how it answers one request after the other, over and over
 */
export async function startSupplier(moods: readonly SupplierMood[]): Promise<SimulatedSupplier> {
  const app = express();
  let asked = 0;
  const answer = (response: Response, body: unknown) => {
    response.json(offered(body, asked));
  };
  app.use(json());
  app.post("/quotations", (request, response) => {
    const mood = moods[asked % moods.length] ?? "well";
    asked += 1;
    switch (mood) {
      case "well":
        return answer(response, request.body);
      case "late":
        return void setTimeout(() => answer(response, request.body), LATE_MS);
      case "fails":
        return void response.status(500).send("the counter is closed");
      case "nonsense":
        return void response.json({ number: 7, items: [{ line: "of verse" }] });
      case "silent":
        return undefined;
    }
  });
  const server = await listen(app, "127.0.0.1", 0);
  const { port } = server.address() as AddressInfo;
  return {
    address: `http://127.0.0.1:${port}`,
    stop: async () => {
      server.closeAllConnections();
      await stopListening(server);
    },
  };
}
