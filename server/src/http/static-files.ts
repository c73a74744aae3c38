import { existsSync, readdirSync } from "node:fs";
import type { ServerResponse } from "node:http";
import path from "node:path";
import { isPage } from "@root-gauge/contract";
import { Router } from "express";
import expressStaticGzip from "express-static-gzip";

const YEAR_SECONDS = 31_536_000;

/** Folders whose files carry a hash in their names: kept for ever, and missing means missing. */
const HASHED = ["/_expo/", "/assets/"];

function setCaching(response: ServerResponse, file: string, webRoot: string): void {
  const address = `/${path.relative(webRoot, file).split(path.sep).join("/")}`;
  const hashed = HASHED.some((folder) => address.startsWith(folder));
  response.setHeader(
    "Cache-Control",
    hashed ? `public, max-age=${YEAR_SECONDS}, immutable` : "no-cache",
  );
}

/** Where the build puts its scripts. */
const SCRIPTS = "/_expo/static/js/web/";

/**
 * What every room but the Bench asks for once the entry has run, so that the browser fetches both at the same time.
 * @returns a Link header's value; undefined where the build has no such piece
 */
function preloadOfRooms(root: string): string | undefined {
  const folder = path.join(root, SCRIPTS);
  const names = existsSync(folder) ? readdirSync(folder) : [];
  const rooms = names.find((name) => /^later-[^.]+\.js$/.test(name));
  return rooms === undefined ? undefined : `<${SCRIPTS}${rooms}>; rel=preload; as=script`;
}

/**
 * Serves the built web app, precompressed where the build made .br and .gz files. An address without a file is
 * the app's own page, with 404 where the app has none; under the hashed folders nothing.
 */
export function staticFiles(webRoot: string): Router {
  const router = Router();
  const root = path.resolve(webRoot);
  const page = path.join(root, "index.html");
  const preload = preloadOfRooms(root);
  router.use(
    expressStaticGzip(root, {
      enableBrotli: true,
      orderPreference: ["br", "gz"],
      serveStatic: {
        setHeaders: (response: ServerResponse, file: string) => setCaching(response, file, root),
      },
    }),
  );
  router.get("/{*address}", (request, response, next) => {
    const isAsset = HASHED.some((folder) => request.path.startsWith(folder));
    if (isAsset || path.extname(request.path) !== "" || !existsSync(page)) {
      next();
      return;
    }
    response.setHeader("Cache-Control", "no-cache");
    if (preload !== undefined) response.setHeader("Link", preload);
    // The page says what is wrong and leads on; the status tells programs that nothing is there.
    response.status(isPage(request.path) ? 200 : 404).sendFile(page);
  });
  return router;
}
