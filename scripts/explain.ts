/** Runs a script's work; a failure is one sentence and exit code 1, not a stack. */
export async function orExplain(work: () => Promise<void>): Promise<void> {
  try {
    await work();
  } catch (error) {
    process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
    process.exitCode = 1;
  }
}
