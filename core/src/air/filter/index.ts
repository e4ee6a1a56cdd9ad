export { cleanDropInWc } from './cleanDrop';
export {
  faceVelocityFpm,
  filterAreaSqFt,
  type FilterFacts,
  filterSizeFor,
  filtersNeeded,
  USUAL_FACE_FPM,
} from './filter';
export { FILTER_MEDIA, FILTER_MEDIA_IDS, filterMedia, type FilterMediaId, LOADED_FACTOR } from './media';
