/** The pages of the app: what answers at any other address is not found. A pattern's `:id` is one part of the path. */
export const PAGES = [
  "/",
  "/charts",
  "/charts/compare",
  "/charts/convert",
  "/charts/drills",
  "/charts/thread",
  "/fastener",
  "/job/:id",
  "/jobs",
  "/jobs/:id",
  "/machine/:id",
  "/mend",
  "/order",
  "/order/:id",
  "/outbox",
  "/position/:id",
  "/removed",
  "/repair/:id",
  "/sheet/:id",
  "/specify",
  "/tools",
  "/write-up",
] as const;

const PATTERNS = PAGES.map((page) =>
  page === "/" ? /^\/$/ : new RegExp(`^${page.replace(":id", "[^/]+")}/?$`),
);

/** Whether the app has a page at this path. */
export function isPage(path: string): boolean {
  return PATTERNS.some((pattern) => pattern.test(path));
}
