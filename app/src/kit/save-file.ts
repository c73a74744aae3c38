/** Hands text, or a file that was made elsewhere, to the browser as a file to keep. */
export function saveFile(name: string, type: string, parts: readonly (string | Blob)[]): void {
  const address = URL.createObjectURL(new Blob([...parts], { type }));
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
