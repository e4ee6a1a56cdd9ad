export { type CarriedItem, carriedOver, outcomeBefore, type SeenNow } from './carried';
export { HAND_OVER_FORM, type HandOver, handOverFaults, handOverOf, isDay } from './handOverForm';
export {
  SIGNATURE_LENGTH,
  SIGNATURE_SIDE,
  signatureFault,
  signaturePath,
  signatureText,
  type Strokes,
  strokesOf,
} from './signature';
