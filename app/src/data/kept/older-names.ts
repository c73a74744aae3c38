/** What a machine was called in what is kept on a device since before it had positions, and what it is called now. */
const NAMES: Readonly<Record<string, string>> = {
  jobId: "machineId",
  "job.name": "machine.name",
  "job.origin": "machine.origin",
  "fastener.job": "fastener.machine",
  "edit.job": "edit.machine",
};

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

function inNamesOfToday(_key: string, value: unknown): unknown {
  if (!isObject(value)) return value;
  const { kind, body } = value;
  // A job of today, a piece of work, says when it was opened.
  if (kind === "job" && isObject(body) && !("opened" in body)) return { ...value, kind: "machine" };
  if (!Object.keys(value).some((name) => name in NAMES)) return value;
  return Object.fromEntries(Object.entries(value).map(([name, one]) => [NAMES[name] ?? name, one]));
}

/**
 * What a text that is kept on this device holds, in the names of today.
 * @throws SyntaxError where it is no JSON
 */
export function keptJson(text: string | null): unknown {
  return JSON.parse(text ?? "null", inNamesOfToday);
}
