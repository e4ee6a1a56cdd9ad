import type { PhotoDto } from '@huff/contract';

/** Where a picture is fetched from: of one that waits from the phone itself, else from the server. */
const urlOf = (own: string | null | undefined, address: string): string =>
  own ? `data:image/jpeg;base64,${own}` : address;

/** The small picture, as lists draw it. */
export const smallPhotoUrl = ({ id, jpeg, smallJpeg }: PhotoDto): string =>
  urlOf(smallJpeg ?? jpeg, `/api/photos/${id}/image?size=small`);

/** The whole picture; its address is used in a page that is opened beside this one. */
export const photoUrl = ({ id, jpeg }: PhotoDto): string =>
  urlOf(jpeg, `${globalThis.location?.origin ?? ''}/api/photos/${id}/image`);
