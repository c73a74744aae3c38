const two = (number: number) => String(number).padStart(2, "0");

/** Today by this device's calendar, as 2026-03-02. */
export function today(): string {
  const now = new Date();
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
