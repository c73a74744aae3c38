import { z } from "zod";
import { SUPPLIER_MOODS } from "./simulators/supplier/moods";

const configSchema = z.object({
  host: z.string().min(1).default("127.0.0.1"),
  port: z.coerce
    .number({ error: "is not a number" })
    .int("is not a whole number")
    .min(0, "is under 0")
    .max(65535, "is over 65535")
    .default(4780),
  databaseFile: z.string().min(1).default("root-gauge.db"),
  webRoot: z.string().min(1).default("app/dist"),
  printFonts: z.string().min(1).default("server/src/print/fonts"),
  logLevel: z
    .enum(["fatal", "error", "warn", "info", "debug", "silent"], {
      error: "is not one of fatal, error, warn, info, debug, silent",
    })
    .default("info"),
  hostNames: z
    .string()
    .default("")
    .transform((names) =>
      names
        .split(",")
        .map((name) => name.trim())
        .filter(Boolean),
    ),
  supplier: z
    .union([z.enum(["none", "simulated"]), z.url({ protocol: /^https?$/ })], {
      error: "is neither none, simulated nor an address",
    })
    .default("none"),
  supplierMoods: z
    .string()
    .default("well")
    .transform((moods) => moods.split(","))
    .pipe(z.array(z.enum(SUPPLIER_MOODS, { error: `is not of ${SUPPLIER_MOODS.join(", ")}` }))),
  caliper: z
    .enum(["none", "simulated"], { error: "is not one of none, simulated" })
    .default("none"),
});

export type Config = z.infer<typeof configSchema>;

/** A start-up problem that the person starting the server can put right; its message is all they need. */
export class StartupError extends Error {
  override readonly name = "StartupError";
}

/**
 * Reads the settings from environment variables: HOST, PORT, DATABASE_FILE, WEB_ROOT, PRINT_FONTS, LOG_LEVEL,
 * CALIPER, SUPPLIER, SUPPLIER_MOODS, HOST_NAMES.
 * @throws StartupError naming each setting that is wrong, what was read and why
 */
export function readConfig(env: Readonly<Record<string, string | undefined>>): Config {
  const given = {
    host: env.HOST,
    port: env.PORT,
    databaseFile: env.DATABASE_FILE,
    webRoot: env.WEB_ROOT,
    printFonts: env.PRINT_FONTS,
    logLevel: env.LOG_LEVEL,
    caliper: env.CALIPER,
    supplier: env.SUPPLIER,
    supplierMoods: env.SUPPLIER_MOODS,
    hostNames: env.HOST_NAMES,
  };
  const parsed = configSchema.safeParse(given);
  if (parsed.success) return parsed.data;
  const sentences = parsed.error.issues.map((issue) => {
    const key = String(issue.path[0]) as keyof typeof given;
    return `${key}: “${given[key] ?? ""}” ${issue.message}`;
  });
  throw new StartupError(`The settings cannot be used. ${sentences.join("; ")}.`);
}
