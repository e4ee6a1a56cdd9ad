export * from './beltDriveForm';
export * from './motorPlateForm';
export * from './speedsForm';
