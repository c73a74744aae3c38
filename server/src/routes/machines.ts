import {
  foundQuerySchema,
  type Machine,
  machineIdSchema,
  machineInputSchema,
  machinesQuerySchema,
  metQuerySchema,
  pageQuerySchema,
  writeSchema,
} from "@root-gauge/contract";
import { Router } from "express";
import { ApiFailure, changedElsewhere, checked } from "../http/api-failure";
import type { Store } from "../store/database";
import { identificationsAt } from "../store/identifications";
import { findMachine, listMachines, saveMachine } from "../store/machines";
import { threadsMetOnMachine } from "../store/met";
import { positionsOfMachine } from "../store/positions";
import { repairsAt } from "../store/repairs";

/** The machine that an address names. */
async function machineAt(store: Store, text: string | undefined): Promise<Machine> {
  const id = checked(machineIdSchema, text, "invalid-id");
  const machine = await findMachine(store, id);
  if (machine === undefined) {
    throw new ApiFailure("machine-not-found", "There is no such machine.");
  }
  return machine;
}

/** GET /api/machines, GET and PUT /api/machines/:id, and what is on one. */
export function machineRoutes(store: Store, now: () => Date): Router {
  const router = Router();

  router.get("/machines", async (request, response) => {
    const query = checked(machinesQuerySchema, request.query, "invalid-query");
    const { items, next } = await listMachines(store, query);
    response.json({ machines: items, next });
  });

  router.get("/machines/:id", async (request, response) => {
    response.json(await machineAt(store, request.params.id));
  });

  router.get("/machines/:id/positions", async (request, response) => {
    const { id } = await machineAt(store, request.params.id);
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await positionsOfMachine(store, id, after);
    response.json({ positions: items, next });
  });

  router.get("/machines/:id/identifications", async (request, response) => {
    const { id } = await machineAt(store, request.params.id);
    const { after, placed } = checked(foundQuerySchema, request.query, "invalid-query");
    const { items, next } = await identificationsAt(store, { machineId: id, placed }, after);
    response.json({ identifications: items, next });
  });

  router.get("/machines/:id/repairs", async (request, response) => {
    const { id } = await machineAt(store, request.params.id);
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await repairsAt(store, { machineId: id }, after);
    response.json({ repairs: items, next });
  });

  router.get("/machines/:id/met", async (request, response) => {
    const { id } = await machineAt(store, request.params.id);
    const { without } = checked(metQuerySchema, request.query, "invalid-query");
    response.json({ counts: await threadsMetOnMachine(store, id, without) });
  });

  router.put("/machines/:id", async (request, response) => {
    const id = checked(machineIdSchema, request.params.id, "invalid-id");
    const input = checked(machineInputSchema, request.body, "invalid-body");
    const write = checked(writeSchema, request.query, "invalid-query");
    const saved = await saveMachine(store, id, input, now(), write);
    if (saved === undefined) throw changedElsewhere("machine");
    response.json(saved);
  });

  return router;
}
