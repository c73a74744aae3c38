import { Router } from "express";
import { apiDocument } from "../api-document/document";
import { apiPage } from "../api-document/page";

/** GET /api/openapi.json, and GET /api/reference, the same as a page to be read. */
export function apiDocumentRoutes(): Router {
  const router = Router();
  // Made when first asked for: nothing of it changes while the server runs.
  let made: ReturnType<typeof apiDocument> | undefined;
  const document = () => (made ??= apiDocument());
  router.get("/openapi.json", (_request, response) => {
    response.json(document());
  });
  router.get("/reference", (_request, response) => {
    response.type("html").send(apiPage(document()));
  });
  return router;
}
