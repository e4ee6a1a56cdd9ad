export { BELT_DRIVE_FORM, beltDriveFaults, beltDriveInputs, beltDriveOf } from './beltDriveForm';
export { MOTOR_PLATE_FORM, motorPlateOf } from './motorPlateForm';
export { PLATE_FORM, plateFaults } from './plateForm';
export { SPEEDS_FORM, speedsOf } from './speedsForm';
