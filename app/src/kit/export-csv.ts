/** Hands a table to the browser as a CSV file to keep; the code for it is fetched when it is first wanted. */
export async function exportCsv(
  name: string,
  heads: readonly string[],
  rows: readonly (readonly string[])[],
): Promise<void> {
  const { downloadCsv } = await import("./csv");
  downloadCsv(name, heads, rows);
}
