import { spawn } from "node:child_process";
import { ROOT } from "./paths";

/**
 * Runs a command with its output passed through.
 * @returns its exit code; a command that was ended by a signal counts as failed
 */
export function run(
  command: string,
  args: readonly string[],
  options: { readonly cwd?: string; readonly env?: Readonly<Record<string, string>> } = {},
): Promise<number> {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: options.cwd ?? ROOT,
      env: { ...process.env, ...options.env },
      stdio: "inherit",
    });
    child.once("error", reject);
    child.once("exit", (code) => resolve(code ?? 1));
  });
}
