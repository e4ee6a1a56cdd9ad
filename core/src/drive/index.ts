export * from './belt';
export * from './beltDrive';
export * from './beltGeometry';
export * from './beltSection';
export * from './electrical';
export * from './fanLaws';
export * from './imbalance';
export * from './sheave';
