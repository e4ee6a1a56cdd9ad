export * from './beltDriveForm';
export * from './motorPlateForm';
export * from './plateForm';
export * from './speedsForm';
