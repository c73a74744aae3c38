import { API_ERRORS, API_ERROR_CODES } from "@root-gauge/contract";
import { OPERATIONS, type Operation } from "@root-gauge/contract/operations";
import { refusalsOf, type apiDocument } from "./document";

const ENTITIES: Readonly<Record<string, string>> = {
  "&": "&amp;",
  "<": "&lt;",
  ">": "&gt;",
  '"': "&quot;",
};

const escaped = (text: string) => text.replace(/[&<>"]/g, (letter) => ENTITIES[letter] ?? letter);

const code = (text: string) => `<code>${escaped(text)}</code>`;

const STYLE = `
  :root { color-scheme: light dark; font: 16px/1.5 system-ui, sans-serif; }
  body { max-width: 60rem; margin: 0 auto; padding: 1rem; }
  h2 { margin: 2rem 0 0.25rem; font-size: 1.1rem; }
  code { font: 0.95em/1.4 ui-monospace, monospace; overflow-wrap: anywhere; }
  pre { overflow-x: auto; padding: 0.75rem; border: 1px solid; max-height: 24rem; }
  td, th { text-align: left; vertical-align: top; padding: 0.25rem 1rem 0.25rem 0; }
  .wide { overflow-x: auto; }
`;

export type ApiDocument = ReturnType<typeof apiDocument>;

function schemaOf(answered: unknown): string {
  return `<details><summary>Schema</summary><pre>${escaped(JSON.stringify(answered, null, 2))}</pre></details>`;
}

function operationHtml(document: ApiDocument, operation: Operation): string {
  const { id, method, path, does } = operation;
  const { parameters = [], requestBody, responses } = document.paths?.[path]?.[method] ?? {};
  const asked = parameters
    .map((one) => ("name" in one ? `${code(one.name)} in the ${escaped(one.in)}` : ""))
    .join(", ");
  return `<section aria-labelledby="${id}">
  <h2 id="${id}">${code(`${method.toUpperCase()} /api${path}`)}</h2>
  <p>${escaped(does)}.${asked === "" ? "" : ` Takes ${asked}.`}</p>
  ${requestBody === undefined ? "" : `<p>Body</p>${schemaOf(requestBody)}`}
  <p>Answer</p>${schemaOf(responses?.["200"])}
  <p>Refuses with ${refusalsOf(operation).map(code).join(", ")}.</p>
</section>`;
}

/** The API's document as a page to be read: every operation, and the catalogue of refusals. */
export function apiPage(document: ApiDocument): string {
  const refusals = API_ERROR_CODES.map((one) => {
    const { status, means } = API_ERRORS[one];
    return `<tr><td>${code(one)}</td><td>${status}</td><td>${escaped(means)}</td></tr>`;
  });
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>The API - Root Gauge</title>
<style>${STYLE}</style>
</head>
<body>
<main>
<h1>The API of Root Gauge</h1>
<p>As a document for programs: <a href="/api/openapi.json">openapi.json</a>. A write names the version of the record it
has seen as ${code("saw")}; the later of two that saw the same is refused, and nothing is stored.</p>
${OPERATIONS.map((operation) => operationHtml(document, operation)).join("\n")}
<h2 id="refusals">Refusals</h2>
<div class="wide"><table>
<thead><tr><th>Code</th><th>Status</th><th>What it means</th></tr></thead>
<tbody>${refusals.join("\n")}</tbody>
</table></div>
</main>
</body>
</html>
`;
}
