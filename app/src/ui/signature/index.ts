export { SignaturePad } from './SignaturePad';
