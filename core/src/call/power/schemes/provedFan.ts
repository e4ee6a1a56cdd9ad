import { low, self, type PowerScheme } from '../../electrical/scheme';

/** The fan runs, and its proof says that it does not. */
export const provedFan: PowerScheme = {
  id: 'provedFan',
  name: 'Fan with a pressure switch',
  motors: ['psc', 'beltDrive', 'constantTorque', 'constantAirflow'],
  provesOnly: true,
  steps: [
    low('transformerVolts'),
    self('provingContact'),
    self('provingTube'),
    self('switchByHand'),
    self('belt'),
    self('wheel'),
  ],
  beside: [self('lowFuse'), self('motorTries')],
  causes: {
    lowFuse: 'transformerVolts',
    transformer: 'transformerVolts',
    provingTube: 'provingContact',
    provingSwitch: 'provingContact',
    beltOff: 'provingContact',
    seized: 'provingContact',
  },
};
