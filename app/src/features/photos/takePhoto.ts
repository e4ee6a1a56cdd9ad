/** The longer side of a kept photo, px: a plate can still be read on it. */
const LONGEST = 1280;
const QUALITY = 0.7;
/** The longer side of what lists draw, px. */
const SMALL = 216;
const SMALL_QUALITY = 0.6;

/** A photo in the two sizes in which it is kept, JPEG in base64. */
export interface Picture {
  readonly jpeg: string;
  readonly smallJpeg: string;
}

function jpegOf(bitmap: ImageBitmap, longest: number, quality: number): string {
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  const pen = canvas.getContext('2d');
  if (pen) {
    // A JPEG has no clear places: what is clear in a logo is the paper.
    pen.fillStyle = '#ffffff';
    pen.fillRect(0, 0, canvas.width, canvas.height);
    pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  }
  return canvas.toDataURL('image/jpeg', quality).replace(/^data:image\/jpeg;base64,/, '');
}

/** Makes a photo small enough to be kept and sent over a poor signal. */
async function pictureOf(file: File): Promise<Picture> {
  const bitmap = await createImageBitmap(file);
  const picture = {
    jpeg: jpegOf(bitmap, LONGEST, QUALITY),
    smallJpeg: jpegOf(bitmap, SMALL, SMALL_QUALITY),
  };
  bitmap.close();
  return picture;
}

/** Opens the camera, or the file chooser where there is none. */
export const takePhoto = (onPhoto: (picture: Picture, file: File) => void, onError: (why: string) => void): void =>
  choosePicture('environment', onPhoto, onError);

/** Opens the file chooser for a picture that is there already. */
export const chooseImage = (onPhoto: (picture: Picture) => void, onError: (why: string) => void): void =>
  choosePicture(undefined, onPhoto, onError);

function choosePicture(
  camera: string | undefined,
  onPhoto: (picture: Picture, file: File) => void,
  onError: (why: string) => void,
): void {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = 'image/*';
  if (camera !== undefined) input.setAttribute('capture', camera);
  input.addEventListener('change', () => {
    const file = input.files?.[0];
    if (!file) return;
    pictureOf(file).then(
      (picture) => onPhoto(picture, file),
      () => onError(`${file.name} is not a readable picture. Choose a photo.`),
    );
  });
  input.click();
}
