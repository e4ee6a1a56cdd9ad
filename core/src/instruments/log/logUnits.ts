import { CHANNELS, type ChannelId } from '../live';

/** How a figure of a log is turned into the unit of its channel. */
interface LogUnit {
  /** As instruments write it, without spaces, points and capitals. */
  readonly written: readonly string[];
  /** What may be meant: the place that is chosen decides. */
  readonly channels: readonly ChannelId[];
  readonly stored: (figure: number) => number;
}

const same = (figure: number) => figure;
const TEMPERATURES: readonly ChannelId[] = ['dryBulb', 'wetBulb', 'lineTemperature'];
const KPA_PER_PSI = 6.894757;

/** Units by what logs call them. Factors are those of NIST SP 811. */
const LOG_UNITS: readonly LogUnit[] = [
  { written: ['inwc', 'inh2o', 'iwc', 'inwg', 'inaq', 'inwater'], channels: ['static'], stored: same },
  { written: ['pa', 'pascal'], channels: ['static'], stored: (pa) => pa / 249.08891 },
  { written: ['mbar', 'hpa'], channels: ['static'], stored: (mbar) => mbar / 2.4908891 },
  { written: ['mmh2o', 'mmwc', 'mmwg'], channels: ['static'], stored: (mm) => mm / 25.4 },
  { written: ['f', 'degf'], channels: TEMPERATURES, stored: same },
  { written: ['c', 'degc'], channels: TEMPERATURES, stored: (celsius) => 1.8 * celsius + 32 },
  { written: ['%', '%rh', 'rh', 'percent'], channels: ['humidity'], stored: same },
  { written: ['a', 'amp', 'amps', 'aac'], channels: ['amps'], stored: same },
  { written: ['fpm', 'ft/min'], channels: ['velocity'], stored: same },
  { written: ['m/s', 'mps'], channels: ['velocity'], stored: (metres) => 196.8504 * metres },
  { written: ['rpm', '1/min', 'r/min'], channels: ['rpm'], stored: same },
  { written: ['psig', 'psi'], channels: ['linePressure'], stored: same },
  { written: ['kpa', 'kpag'], channels: ['linePressure'], stored: (kpa) => kpa / KPA_PER_PSI },
  { written: ['bar', 'barg'], channels: ['linePressure'], stored: (bar) => (100 * bar) / KPA_PER_PSI },
];

const plain = (text: string) => text.toLowerCase().replaceAll(/[\s.°"_()[\]]/g, '');

/**
 * What a log's unit means; undefined for one that no probe here has.
 *
 * @example logUnit('in. w.c.')?.channels // ['static']
 * @example logUnit('°C')?.stored(25) // 77
 */
export const logUnit = (text: string): Pick<LogUnit, 'channels' | 'stored'> | undefined =>
  LOG_UNITS.find(({ written }) => written.includes(plain(text)));

/** Why a figure cannot be of any of these channels, in a sentence. */
export function logFigureFault(channels: readonly ChannelId[], figure: number): string | undefined {
  if (channels.some((id) => figure >= CHANNELS[id].min && figure <= CHANNELS[id].max)) return undefined;
  const { min, max, name } = CHANNELS[channels[0]!];
  return `${name} ${Number(figure.toPrecision(6))} is outside ${min} to ${max}.`;
}
