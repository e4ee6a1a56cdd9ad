import type { FanLag } from '../../air/fan';
import type { System } from '../../air/system';
import { percentText } from '../../base/words';
import { cannot, moved, type Moved } from './move';

export const lagOf = (system: System, cause: FanLag['cause']): FanLag | undefined =>
  system.fan.lags?.find((lag) => lag.cause === cause);

/** The fan without what held it back. */
export function withoutLag(system: System, cause: FanLag['cause'], why: string): Moved {
  if (!lagOf(system, cause)) return cannot(why);
  const lags = system.fan.lags!.filter((lag) => lag.cause !== cause);
  return moved({ ...system, fan: { ...system.fan, lags } });
}

/** "costs 10 % of the air, taken" */
export function lagWords(system: System, cause: FanLag['cause']): string {
  const lag = lagOf(system, cause);
  if (!lag) return 'the fan shows no loss by it';
  return `costs ${percentText(1 - lag.factor)} of the ${lag.acts === 'flow' ? 'air' : 'speed'}${lag.assumed ? ', assumed' : ''}`;
}
