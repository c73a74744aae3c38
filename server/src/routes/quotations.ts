import { quotationRequestSchema } from "@root-gauge/contract";
import { Router } from "express";
import { ApiFailure, checked } from "../http/api-failure";
import { SupplierProblem, type Supplier, type SupplierFault } from "../supply/supplier";

const WHY: Readonly<Record<SupplierFault, ApiFailure>> = {
  away: new ApiFailure(
    "supplier-away",
    "The supplier cannot be reached, or fails; it was asked three times. Nothing was ordered; ask again in a moment.",
  ),
  slow: new ApiFailure(
    "supplier-away",
    "The supplier takes too long to answer; it was asked three times. Nothing was ordered; ask again in a moment.",
  ),
  nonsense: new ApiFailure(
    "supplier-nonsense",
    "What the supplier answered is no quotation of these lines. Nothing of it was kept; ask again, or ask the counter.",
  ),
};

/** POST /api/quotations: what a supplier says of the lines of an order. */
export function quotationRoutes(supplier: Supplier | undefined): Router {
  const router = Router();

  router.post("/quotations", async (request, response) => {
    const asked = checked(quotationRequestSchema, request.body, "invalid-body");
    if (supplier === undefined) {
      throw new ApiFailure(
        "no-supplier",
        "This server knows no supplier to ask. Name one with SUPPLIER as it is started.",
      );
    }
    try {
      response.json(await supplier.quote(asked));
    } catch (error) {
      throw error instanceof SupplierProblem ? WHY[error.fault] : error;
    }
  });

  return router;
}
