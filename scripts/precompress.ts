import { readdir, readFile, rm, writeFile } from "node:fs/promises";
import path from "node:path";
import { promisify } from "node:util";
import { brotliCompress, constants, gzip } from "node:zlib";

const COMPRESSIBLE = /\.(?:js|css|html|json|svg|txt|ico)$/;

/** Makes a .br and a .gz beside every file of the web build that gains from it. */
export async function precompress(folder: string): Promise<void> {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true });
  const files = entries.filter((entry) => entry.isFile());
  for (const entry of files) {
    const file = path.join(entry.parentPath, entry.name);
    if (/\.(?:br|gz)$/.test(entry.name)) await rm(file);
    if (!COMPRESSIBLE.test(entry.name)) continue;
    const content = await readFile(file);
    const quality = { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } };
    await writeFile(`${file}.br`, await promisify(brotliCompress)(content, quality));
    await writeFile(`${file}.gz`, await promisify(gzip)(content, { level: 9 }));
  }
}
