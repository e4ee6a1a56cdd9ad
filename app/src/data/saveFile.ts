/** Hands text to the browser as a file to be kept. */
export function saveFile(name: string, type: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // Some browsers read the address after the click.
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
