/** The longer side of a kept photo, px: a plate can still be read on it. */
const LONGEST = 1280;
const QUALITY = 0.7;

/** Makes a photo small enough to be kept and sent over a poor signal. @returns JPEG in base64 */
async function smallJpeg(file: File): Promise<string> {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas.toDataURL('image/jpeg', QUALITY).replace(/^data:image\/jpeg;base64,/, '');
}

/** Opens the camera, or the file chooser where there is none. */
export function takePhoto(onPhoto: (jpeg: string) => void, onError: (why: string) => void): void {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = 'image/*';
  input.setAttribute('capture', 'environment');
  input.addEventListener('change', () => {
    const file = input.files?.[0];
    if (!file) return;
    smallJpeg(file).then(onPhoto, () => onError(`${file.name} is no picture that can be read. Choose a photo.`));
  });
  input.click();
}
