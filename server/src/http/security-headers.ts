import helmet from "helmet";

/**
 * No foreign origin at all. Inline styles are the style engine's way of writing rules; blob: is how the web
 * build starts a worker, and how a picture is shown before the server has it.
 */
export function securityHeaders() {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", "data:", "blob:"],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'", "blob:"],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    // The server is reached on a workshop's own network, often without a certificate.
    strictTransportSecurity: false,
    referrerPolicy: { policy: "no-referrer" },
  });
}
