export {
  ductFriction,
  equivalentDiameterIn,
  flexFactor,
  ROUGHNESS_FT,
  roundSizeIn,
  WORKABLE_FRICTION,
} from './friction';
