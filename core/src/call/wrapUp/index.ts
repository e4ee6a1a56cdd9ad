export { type CarriedItem, carriedOver, type KeptItem, keptItem, outcomeBefore, readItem } from './carried';
export { HAND_OVER_FORM, type HandOver, handOverFaults, handOverOf, isDay } from './handOverForm';
export { SIGNATURE_SIDE, signatureFault, signaturePath, signatureText, type Strokes, strokesOf } from './signature';
