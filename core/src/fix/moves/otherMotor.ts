import { flowAt } from '../../air/fan';
import { flowWords, staticText } from '../../base/words';
import { cannot, defineMove, moved } from './move';

/** A PSC motor for a failed electronic one, or back: the same wheel on another curve, known by one point of it. */
export const otherMotor = defineMove({
  id: 'otherMotor',
  name: 'PSC motor for a failed electronic one, or back',
  done: 'Replaced the blower motor.',
  touches: 'motor',
  does: 'mendsFan',
  fields: {
    kind: {
      kind: 'choice',
      label: 'New motor',
      options: [
        { id: 'psc', text: 'PSC, with relay' },
        { id: 'constantTorque', text: 'constant torque' },
      ],
    },
    flowCfm: { kind: 'number', label: 'Airflow it gives', unit: 'cfm', min: 50, max: 60_000 },
    staticInWc: { kind: 'number', label: 'At external static', unit: 'inWc', min: 0.05, max: 3 },
  },
  cautions: ['lockOut', 'capacitor', 'rotating', 'unusedLeads', 'electrician'],
  minutes: 150,
  cost: 310,
  applies: (system, context) =>
    system.fan.motor !== 'beltDrive' && context.looks.get('air')?.state === 'none'
      ? 'No airflow, if the motor is confirmed dead.'
      : undefined,
  defaults: (system, { goal }) => ({
    kind: system.fan.motor === 'psc' ? 'constantTorque' : 'psc',
    flowCfm: Math.round(goal.target.flowCfm),
    staticInWc: goal.maxTesp.value,
  }),
  says: ({ flowCfm, staticInWc }) =>
    `${flowWords(flowCfm)} at ${staticText(staticInWc)}; check rotation, amps, both speeds`,
  apply(system, { kind, flowCfm, staticInWc }) {
    const kept = (system.fan.lags ?? []).filter((lag) => lag.cause !== 'capacitor');
    const now = flowAt({ ...system.fan, lags: kept.filter((lag) => lag.cause === 'measured') }, staticInWc);
    if (now === undefined)
      return cannot(`The installed motor’s curve does not reach ${staticText(staticInWc)}.`, 'staticInWc');
    const lags = [...kept, { cause: 'otherMotor', acts: 'flow', factor: flowCfm / now } as const];
    return moved({ ...system, fan: { ...system.fan, motor: kind, lags } });
  },
});
