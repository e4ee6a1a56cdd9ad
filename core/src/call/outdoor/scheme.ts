import { line, low, self, type PowerScheme } from '../electrical/scheme';

/** The outdoor unit of a split system, single-phase: disconnect, contactor, capacitor, compressor and fan. */
export const outdoorUnit: PowerScheme = {
  id: 'outdoorUnit',
  name: 'Outdoor unit: contactor, capacitor, compressor, fan',
  motors: ['psc', 'constantTorque', 'constantAirflow', 'beltDrive'],
  steps: [
    line('outLineVolts'),
    low('outCallVolts'),
    line('outLoadVolts', 'outLineVolts', 'outCallVolts'),
    self('outHerm'),
    self('outFanSide'),
    self('outFanMotor'),
    self('compWindings'),
  ],
  beside: [
    self('outTries'),
    self('outBreaker'),
    self('outSwitches'),
    self('outCoilOhms'),
    self('outContacts'),
    self('outContactDrop', 'outLoadVolts'),
    self('compOverload'),
    self('startGear'),
    self('compAmps'),
  ],
  causes: {
    outSupply: 'outLineVolts',
    outCall: 'outCallVolts',
    outSwitchOpen: 'outCallVolts',
    outContactorCoil: 'outLoadVolts',
    outContactorFaces: 'outLoadVolts',
    outHermCapacitor: null,
    outFanCapacitor: null,
    outFanMotor: null,
    compHot: null,
    compWinding: null,
    compGrounded: null,
    compLocked: null,
    outStartGear: null,
  },
};
