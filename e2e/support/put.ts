import type { TestServer } from "./server";

/**
 * Sends a body to the server.
 * @returns what it answered
 * @throws Error where it was not taken
 */
export async function put(
  server: TestServer,
  address: string,
  body: object,
  method: "PUT" | "POST" = "PUT",
): Promise<{ readonly version: number }> {
  const answer = await fetch(`${server.address}/api${address}`, {
    method,
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });
  const read = (await answer.json()) as { readonly version: number };
  if (!answer.ok) throw new Error(`${address} was answered with ${answer.status}`);
  return read;
}
