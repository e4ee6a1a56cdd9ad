/** The rest of the call of a visit as it is sent: loaded with the pages that show it. */
export { assessCallOf, callFactsOf } from './callFacts';
export { type Remembered, rememberedOf } from './remembered';
export { roofUnitParts, siteNeeds, type VisitedUnit } from './siteNeeds';
export { unitPartsOf } from './unitParts';
