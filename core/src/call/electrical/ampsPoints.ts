import { shownWords } from '../../base/words';
import { bad, edge, good, type CheckContext, type CheckNumber, type CheckPoint } from '../checks/checkPoint';
import { mostAmps } from '../../air/drive';

/** Up to the plate good, up to its service factor an edge; without a plate nothing can be said. */
const againstPlate: CheckNumber['outcome'] = (amps, { plateAmps, serviceFactor = 1 }) => {
  if (plateAmps === undefined || amps <= plateAmps) return 'good';
  return amps <= mostAmps(plateAmps, serviceFactor) ? 'edge' : 'bad';
};

const askAmps = (amps: number, { plateAmps }: CheckContext): string | undefined =>
  plateAmps !== undefined && amps > 3 * plateAmps
    ? `The nameplate says ${plateAmps} A: is the clamp around one wire only, and on the right range?`
    : undefined;

const amps = (id: string, name: string, where: string, more: Partial<CheckPoint> = {}): CheckPoint => ({
  id,
  name,
  where,
  number: { unit: 'amps', min: 0, max: 300, outcome: againstPlate, ask: askAmps },
  expects: 'below nameplate full-load amps, steady',
  power: 'live',
  minutes: 2,
  ...more,
});

/** Over this a motor is hotter than its grease and insulation like, °F on its shell (J). */
const HOT_SHELL_F = 175;
const WARM_SHELL_F = 150;

/** What the blower's motor draws as it runs, and how warm it gets. Read again after some minutes: each reading is kept. */
export const AMPS_POINTS: readonly CheckPoint[] = [
  amps('ampsCooling', 'Amps at cooling speed', 'doors on; again a few minutes later'),
  amps('ampsHeating', 'Amps at heating speed', 'doors on; again a few minutes later'),
  amps('ampsDoorOff', 'Amps with the door off', 'only to see which way they go', {
    number: { unit: 'amps', min: 0, max: 300, outcome: () => 'good', ask: askAmps },
    expects: 'does not count',
  }),
  {
    id: 'motorShellF',
    name: 'Motor’s shell',
    where: 'thermometer on bare metal, after 15 min',
    number: {
      unit: 'degF',
      min: 0,
      max: 500,
      outcome: (value) => (value <= WARM_SHELL_F ? 'good' : value <= HOT_SHELL_F ? 'edge' : 'bad'),
    },
    get expects() {
      return `under about ${shownWords(WARM_SHELL_F, 'degF', 0)}`;
    },
    power: 'live',
    minutes: 2,
  },
  {
    id: 'motorSmell',
    power: 'seen',
    name: 'Smell of the motor',
    where: 'at the blower door',
    states: [
      good('none', 'none'),
      edge('dust', 'dust, first heat', 'Dust smell: should clear within minutes. If not, inspect again.'),
      bad(
        'varnish',
        'varnish or burnt',
        'The motor smells burnt. Shut it off. Check amps, capacitor and static before you replace it.',
      ),
    ],
    expects: 'none',
    minutes: 1,
  },
];
