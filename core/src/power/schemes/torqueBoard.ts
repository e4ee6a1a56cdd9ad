import { line, low, self, type PowerScheme } from '../scheme';

export const torqueBoard: PowerScheme = {
  id: 'torqueBoard',
  name: 'Constant torque motor, 24 V taps from a board',
  motors: ['constantTorque'],
  steps: [
    line('lineVolts'),
    low('transformerVolts', 'lineVolts'),
    low('callVolts', 'transformerVolts'),
    low('tapVolts', 'callVolts'),
    line('motorSupply', 'lineVolts'),
    self('wheel'),
  ],
  beside: [
    self('motorTries'),
    self('supplyBreaker'),
    self('doorSwitch'),
    self('lowFuse'),
    self('floatSwitch'),
    self('jumperRG'),
    self('jumperAtStat'),
    self('motorLead'),
    self('tester'),
  ],
  causes: {
    breaker: 'lineVolts',
    doorSwitch: 'lineVolts',
    transformer: 'transformerVolts',
    lowFuse: 'transformerVolts',
    floatSwitch: 'callVolts',
    thermostat: 'callVolts',
    controlWire: 'callVolts',
    board: 'tapVolts',
    motorLead: 'motorSupply',
    torqueMotor: null,
    seized: null,
  },
};
