/** A file that was chosen, or why it cannot be read. */
export type ChosenFile =
  { readonly ok: true; readonly name: string; readonly text: string } | { readonly ok: false; readonly why: string };

/** Reads a chosen file as text, refusing early what is too large to be what is asked for. @param what a sentence on what that is */
export async function readFile(file: File, mostBytes: number, what: string): Promise<ChosenFile> {
  if (file.size > mostBytes) {
    const size = (file.size / 1e6).toFixed(file.size < 1e7 ? 1 : 0);
    return {
      ok: false,
      why: `${file.name} has ${size} MB. ${what} Choose the right file.`,
    };
  }
  try {
    return { ok: true, name: file.name, text: await file.text() };
  } catch {
    return { ok: false, why: `${file.name} cannot be read. Choose it again.` };
  }
}

/** Opens the browser's file chooser. @param accept kinds of files it offers */
export function chooseFile(onFile: (file: File) => void, accept = '.csv,text/csv,text/plain'): void {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = accept;
  input.addEventListener('change', () => {
    const file = input.files?.[0];
    if (file) onFile(file);
  });
  input.click();
}
