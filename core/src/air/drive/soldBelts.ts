import { beltOf, type Belt } from './belt';
import type { BeltSection } from './beltSection';
import { STANDARD_INSIDE_IN } from './standardBelts';

/** Every belt of a section that is commonly sold, short to long. Not in the folder's index: the long list is loaded where it is needed. */
export const standardBelts = (section: BeltSection): Belt[] =>
  STANDARD_INSIDE_IN[section].map((insideIn) => beltOf(section, insideIn));
