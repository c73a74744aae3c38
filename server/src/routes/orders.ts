import { orderInputSchema, pageQuerySchema, writeSchema, type Order } from "@root-gauge/contract";
import { Router } from "express";
import { z } from "zod/mini";
import { ApiFailure, changedElsewhere, checked } from "../http/api-failure";
import { sendPdf } from "../http/send-pdf";
import type { Printer } from "../print/printer";
import type { Store } from "../store/database";
import { findOrder, listOrders, placesOfOrder, saveOrder } from "../store/orders";

const idSchema = z.uuid();

/** GET /api/orders, GET and PUT /api/orders/:id, and an order on paper. */
export function orderRoutes(store: Store, printer: Printer, now: () => Date): Router {
  const router = Router();

  async function orderAt(text: string | undefined): Promise<Order> {
    const order = await findOrder(store, checked(idSchema, text, "invalid-id"));
    if (order === undefined) throw new ApiFailure("order-not-found", "There is no such order.");
    return order;
  }

  router.get("/orders", async (request, response) => {
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await listOrders(store, after);
    response.json({ orders: items, next });
  });

  router.get("/orders/:id", async (request, response) => {
    const order = await orderAt(request.params.id);
    response.json({ ...order, places: await placesOfOrder(store, order) });
  });

  router.put("/orders/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const input = checked(orderInputSchema, request.body, "invalid-body");
    const write = checked(writeSchema, request.query, "invalid-query");
    const saved = await saveOrder(store, id, input, now(), write);
    if (saved === undefined) throw changedElsewhere("order");
    response.json(saved);
  });

  router.get("/orders/:id/paper.pdf", async (request, response) => {
    const order = await orderAt(request.params.id);
    const places = await placesOfOrder(store, order);
    const { name, lines, rule, notes } = order;
    const placed = places.map(({ id, machine, path, spec }) => {
      const duty = spec?.circumstances.duty ?? "ordinary";
      return [id, { where: `${machine}: ${path}`, duty }] as const;
    });
    const printed = { kind: "order", title: name, lines, rule, notes } as const;
    sendPdf(
      response,
      await printer.print({ ...printed, places: new Map(placed), printedOn: now() }),
    );
  });

  return router;
}
