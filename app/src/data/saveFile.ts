/** Hands bytes to the browser as a file to be kept. */
export function saveBlob(name: string, blob: Blob): void {
  const address = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // Some browsers read the address after the click.
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}

/** Hands text to the browser as a file to be kept. */
export const saveFile = (name: string, type: string, text: string): void => saveBlob(name, new Blob([text], { type }));

/** So many pixels of a picture for one of its drawing: sharp on paper and on a phone. */
const PIXELS = 2;

/** A drawing as a picture, on white. Made here: it needs no signal. @param markup an SVG of this size */
export async function pngOf({
  markup,
  width,
  height,
}: {
  readonly markup: string;
  readonly width: number;
  readonly height: number;
}): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(markup)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * PIXELS);
  canvas.height = Math.round(height * PIXELS);
  const context = canvas.getContext('2d')!;
  context.fillStyle = '#FFFFFF';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, fail) =>
    canvas.toBlob((blob) => (blob ? done(blob) : fail(new Error('no picture could be made'))), 'image/png'),
  );
}
