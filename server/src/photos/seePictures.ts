import type { Operation } from '@huff/contract/spine';
import type { Beside } from '../beside/beside';
import { invalid } from '../http/problems';

const NO_PICTURE = 'This picture is damaged. Take the photo again.';

/**
 * Looks at the pictures of a photo before it is one: each is decoded.
 *
 * @throws ProblemError 422 naming the field that is no picture
 */
export async function seePictures(beside: Beside, operation: Operation): Promise<void> {
  if (operation.kind !== 'add' || operation.of !== 'photo') return;
  for (const field of ['jpeg', 'smallJpeg'] as const) {
    const base64 = operation.record[field];
    if (base64 && !(await beside.isJpeg(Buffer.from(base64, 'base64'))))
      throw invalid([{ field: `record.${field}`, message: NO_PICTURE }]);
  }
}
