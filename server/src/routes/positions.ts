import {
  mergeInputSchema,
  pageQuerySchema,
  positionIdSchema,
  positionInputSchema,
  toOrderQuerySchema,
  writeSchema,
  type Position,
} from "@root-gauge/contract";
import { Router } from "express";
import { ApiFailure, changedElsewhere, checked } from "../http/api-failure";
import { checkedCallout } from "../http/checked-callout";
import { positionAt } from "../http/position-at";
import type { Store } from "../store/database";
import { identificationsAt } from "../store/identifications";
import { listWords } from "../store/own-words";
import { mergePositions, type Merged } from "../store/merge-positions";
import { positionsToOrder, savePosition, type SavedPosition } from "../store/positions";
import { repairsAt } from "../store/repairs";

function savedOrRefused(saved: SavedPosition): Position {
  switch (saved.kind) {
    case "saved":
      return saved.record;
    case "conflict":
      throw changedElsewhere("position");
    case "no-machine":
      throw new ApiFailure(
        "machine-not-found",
        "The machine it belongs to is not here. Save the machine first.",
      );
    case "in-itself":
      throw new ApiFailure(
        "position-in-itself",
        "A position stands on its machine or within another position of it, and never within itself. Nothing was stored.",
      );
    case "merged":
      throw new ApiFailure(
        "position-merged",
        "This place was made one with another, where all of it is now. Nothing was stored: change the other.",
      );
  }
}

function mergedOrRefused(merged: Merged): Position {
  switch (merged.kind) {
    case "merged":
      return merged.record;
    case "conflict":
      throw changedElsewhere("position");
    case "no-position":
      throw new ApiFailure("position-not-found", "One of the two positions is not in the lists.");
    case "in-itself":
      throw new ApiFailure(
        "position-in-itself",
        "Two positions of one machine are made one, neither of which stands within the other. Nothing was changed.",
      );
  }
}

/** GET and PUT /api/positions/:id, and what was found, mended and changed at one. */
export function positionRoutes(store: Store, now: () => Date): Router {
  const router = Router();

  router.get("/to-order", async (request, response) => {
    const { after, ...of } = checked(toOrderQuerySchema, request.query, "invalid-query");
    const { items, next } = await positionsToOrder(store, of, after);
    response.json({ positions: items, next });
  });

  router.get("/positions/:id", async (request, response) => {
    response.json(await positionAt(store, request.params.id));
  });

  router.put("/positions/:id", async (request, response) => {
    const id = checked(positionIdSchema, request.params.id, "invalid-id");
    const input = checked(positionInputSchema, request.body, "invalid-body");
    if (input.spec !== null) {
      checkedCallout(input.spec.callout, await listWords(store), "spec.callout", "invalid-body");
    }
    const write = checked(writeSchema, request.query, "invalid-query");
    response.json(savedOrRefused(await savePosition(store, id, input, now(), write)));
  });

  router.post("/positions/:id/merge", async (request, response) => {
    const id = checked(positionIdSchema, request.params.id, "invalid-id");
    const { into, saw } = checked(mergeInputSchema, request.body, "invalid-body");
    const write = checked(writeSchema, request.query, "invalid-query");
    response.json(mergedOrRefused(await mergePositions(store, id, into, now(), write, saw)));
  });

  router.get("/positions/:id/identifications", async (request, response) => {
    const { id } = await positionAt(store, request.params.id);
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await identificationsAt(store, { positionId: id }, after);
    response.json({ identifications: items, next });
  });

  router.get("/positions/:id/repairs", async (request, response) => {
    const { id } = await positionAt(store, request.params.id);
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await repairsAt(store, { positionId: id }, after);
    response.json({ repairs: items, next });
  });

  return router;
}
