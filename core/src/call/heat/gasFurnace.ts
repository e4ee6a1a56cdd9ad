import { low, self, type PowerScheme } from '../electrical/scheme';

/** The sequence of a gas furnace as a ladder: each rung needs those before it. */
export const gasFurnace: PowerScheme = {
  id: 'gasFurnace',
  name: 'Gas furnace, sequence of a heat call',
  motors: ['psc', 'constantTorque', 'constantAirflow', 'beltDrive'],
  steps: [
    low('heatCall'),
    low('limitCircuit'),
    low('inducer', 'heatCall', 'limitCircuit'),
    low('pressureSwitch', 'inducer'),
    low('igniter', 'pressureSwitch'),
    low('valveVolts', 'igniter'),
    low('flame', 'valveVolts'),
    low('flameMicroamps', 'flame'),
    low('heatBlower', 'flameMicroamps'),
    low('limitTrips', 'heatBlower'),
  ],
  beside: [
    self('pressureTube'),
    self('igniterVolts', 'pressureSwitch'),
    self('igniterOhms'),
    self('gasOn'),
    self('exchanger'),
    self('flashMeaning'),
    self('flashCode'),
  ],
  causes: {
    thermostat: 'heatCall',
    rollOut: 'limitCircuit',
    limitOpen: 'limitCircuit',
    inducer: 'inducer',
    pressureTube: 'pressureSwitch',
    pressureSwitch: 'pressureSwitch',
    igniter: 'igniter',
    board: 'valveVolts',
    gasOff: 'flame',
    gasValve: 'flame',
    flameSensor: 'flameMicroamps',
    heatSpeed: 'heatBlower',
    littleAir: 'limitTrips',
  },
};
