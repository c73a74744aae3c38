import type { KeptSchemas } from "./kept-schemas";

let give: (schemas: KeptSchemas) => void = () => undefined;

/**
 * The schemas of what the first screen keeps. They weigh as much as half of the rest and are asked only where something is
 * kept: they come with the rest of the app, and a part that waits on this device waits for them.
 */
export const schemasToCome = new Promise<KeptSchemas>((resolve) => {
  give = resolve;
});

/** Gives the schemas, when the rest of the app is there. */
export function giveSchemas(schemas: KeptSchemas): void {
  give(schemas);
}
