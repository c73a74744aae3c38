import express, { json, type Express } from "express";
import type { Logger } from "pino";
import { pinoHttp } from "pino-http";
import { ApiFailure } from "./http/api-failure";
import {
  BODY_LIMIT_KB,
  ORDER_BODY_LIMIT_KB,
  PICTURE_BODY_LIMIT_KB,
  errorHandler,
} from "./http/error-handler";
import { knownHosts } from "./http/known-hosts";
import { securityHeaders } from "./http/security-headers";
import { staticFiles } from "./http/static-files";
import type { PictureFolder } from "./pictures/picture-folder";
import type { Printer } from "./print/printer";
import { apiDocumentRoutes } from "./routes/api-document";
import { healthRoutes } from "./routes/health";
import { identificationRoutes } from "./routes/identifications";
import { jobRoutes } from "./routes/jobs";
import { machineRoutes } from "./routes/machines";
import { metRoutes } from "./routes/met";
import { orderRoutes } from "./routes/orders";
import { positionRoutes } from "./routes/positions";
import { quotationRoutes } from "./routes/quotations";
import { remarkRoutes } from "./routes/remarks";
import { removedRoutes } from "./routes/removed";
import { repairRoutes } from "./routes/repairs";
import { searchRoutes } from "./routes/search";
import { sheetRoutes } from "./routes/sheets";
import { wordRoutes } from "./routes/words";
import { eventRoutes } from "./routes/events";
import { changeRoutes } from "./routes/changes";
import { caliperRoutes } from "./simulators/caliper/routes";
import type { Caliper } from "./simulators/caliper/simulated-caliper";
import type { Store } from "./store/database";
import type { Supplier } from "./supply/supplier";

export interface AppParts {
  readonly store: Store;
  readonly webRoot: string;
  readonly printer: Printer;
  /** Where photographs are kept. */
  readonly pictures: PictureFolder;
  /** Names that the server answers to besides its own. */
  readonly hostNames: readonly string[];
  readonly logger: Logger;
  readonly now: () => Date;
  /** A caliper that sends, when there is one. */
  readonly caliper?: Caliper | undefined;
  /** Who is asked what parts cost, when there is one. */
  readonly supplier?: Supplier | undefined;
}

/** The whole server as an Express application, handed its store, log and clock. */
export function createApp(parts: AppParts): Express {
  const { store, webRoot, printer, pictures, hostNames, logger, now, caliper, supplier } = parts;
  const app = express();
  app.disable("x-powered-by");
  app.use(
    pinoHttp({
      logger,
      customLogLevel: (_request, response) => (response.statusCode >= 500 ? "error" : "debug"),
    }),
  );
  app.use(securityHeaders());
  app.use(knownHosts(hostNames));
  app.use("/api", (request, _response, next) => {
    if (["PUT", "POST"].includes(request.method) && !request.is("application/json")) {
      throw new ApiFailure("wrong-content-type", "Send JSON, as application/json.");
    }
    next();
  });
  app.use("/api/remarks", json({ limit: `${PICTURE_BODY_LIMIT_KB}kb` }));
  app.use("/api/orders", json({ limit: `${ORDER_BODY_LIMIT_KB}kb` }));
  app.use("/api", json({ limit: `${BODY_LIMIT_KB}kb` }));
  app.use("/api", healthRoutes(store), machineRoutes(store, now), positionRoutes(store, now));
  app.use("/api", identificationRoutes(store, now), searchRoutes(store));
  app.use("/api", remarkRoutes(store, pictures, now));
  app.use("/api", sheetRoutes(store, printer, now), repairRoutes(store, printer, now));
  app.use("/api", jobRoutes(store, now), orderRoutes(store, printer, now));
  app.use("/api", quotationRoutes(supplier), removedRoutes(store), changeRoutes(store));
  app.use("/api", eventRoutes(store));
  app.use("/api", wordRoutes(store, now), metRoutes(store), apiDocumentRoutes());
  if (caliper !== undefined) app.use("/api", caliperRoutes(caliper, now));
  app.use("/api", () => {
    throw new ApiFailure("no-such-address", "There is nothing at this address.");
  });
  app.use(staticFiles(webRoot));
  app.use(() => {
    throw new ApiFailure("no-such-address", "There is nothing at this address.");
  });
  app.use(errorHandler(logger));
  return app;
}
