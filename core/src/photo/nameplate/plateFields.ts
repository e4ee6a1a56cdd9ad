import { misread } from '../table';

/** What can be found on a nameplate or a label. */
export type PlateFieldId =
  | 'model'
  | 'serial'
  | 'year'
  | 'volts'
  | 'phases'
  | 'fullLoadAmps'
  | 'ratedLoadAmps'
  | 'minCircuitAmps'
  | 'breakerAmps'
  | 'horsepower'
  | 'rpm'
  | 'microfarads'
  | 'maxTespInWc'
  | 'riseF'
  | 'refrigerant'
  | 'chargeLb'
  | 'inputBtuh'
  | 'outputBtuh'
  | 'heaterKw'
  | 'beltMark'
  | 'filterSize';

/** One field: how it is labelled and printed, what its value comes to. */
export interface PlateField {
  readonly id: PlateFieldId;
  readonly name: string;
  /** Each has the printed value in its first group, and whatever belongs to it in the next. */
  readonly find: readonly RegExp[];
  /** A line with this is about something else. */
  readonly unless?: RegExp;
  /** The value as it is kept; undefined for what cannot be one. */
  readonly value: (match: RegExpExecArray) => string | undefined;
  /** Whether a value is one that is met; others are asked about. */
  readonly isUsual?: (value: string) => boolean;
}

/** A label, then what parts it from its value. */
const after = (label: string, value: string) => new RegExp(`(?:^|[^A-Z0-9])(?:${label})[\\s.:#=_|-]*${value}`);
const NUMBER = '(\\d{1,4}(?:\\.\\d{1,2})?)';
const figure = (match: RegExpExecArray) => {
  const value = Number(match[1]!.replaceAll(/[,\s]/g, ''));
  return Number.isFinite(value) && value > 0 ? String(value) : undefined;
};
/** An O beside a digit is a zero: model and serial numbers keep letters and digits in groups. */
const zeros = (text: string) => text.replaceAll(/O(?=[\d-])|(?<=\d)O/g, '0');
const whole = (match: RegExpExecArray) => match[1]!.replaceAll(/\s/g, '');
const oneOf = (values: readonly number[]) => (value: string) => values.includes(Number(value));
const within = (least: number, most: number) => (value: string) => Number(value) >= least && Number(value) <= most;

/** Sizes of breakers and fuses of the National Electrical Code, 240.6(A). */
const BREAKERS = [15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200];
const VOLTS = [115, 120, 200, 208, 220, 230, 240, 265, 277, 380, 400, 440, 460, 480, 575, 600];
const HORSEPOWER = [0.1, 0.17, 0.2, 0.25, 0.33, 0.5, 0.75, 1, 1.5, 2, 3, 5, 7.5, 10];
const LB_IN_KG = 2.2046;
const IN_WC_IN_PA = 1 / 249.089;

export const PLATE_FIELDS: readonly PlateField[] = [
  {
    id: 'model',
    name: 'Model number',
    find: [after('MODEL|MOD|M/N', '(?:N[O0]|NUMBER|#)?[\\s.:#]*([A-Z0-9][A-Z0-9/.-]{3,24})')],
    value: (match) => (/\d/.test(match[1]!) ? zeros(match[1]!.replace(/[.-]+$/, '')) : undefined),
  },
  {
    id: 'serial',
    name: 'Serial number',
    find: [after('SERIAL|SER|S/N', '(?:N[O0]|NUMBER|#)?[\\s.:#]*([A-Z0-9][A-Z0-9-]{4,20})')],
    value: (match) => (/\d{2}/.test(match[1]!) ? zeros(match[1]!) : undefined),
  },
  {
    id: 'year',
    name: 'Year',
    find: [
      /(?:MFG|MFD|MANUF\w*|DATE)[^0-9]{0,16}(?:\d{1,2})[/-]((?:19|20)\d{2})/,
      /(?:MFG|MFD|MANUF\w*|DATE)[^0-9]{0,16}((?:19|20)\d{2})/,
    ],
    value: (match) => match[1],
    isUsual: within(1960, 2099),
  },
  {
    id: 'volts',
    name: 'Volts',
    find: [
      after('VOLTS?|VAC|VOLTAGE', '(\\d{3})(?:\\s*[/-]\\s*(\\d{3}))?'),
      /(?:^|[^0-9])(\d{3})(?:\s*[/-]\s*(\d{3}))?\s*(?:V|VAC|VOLTS)(?:[^A-Z]|$)/,
    ],
    unless: /MFD|UF|[µμ]F|CAP/,
    value: (match) => match[2] ?? match[1],
    isUsual: oneOf(VOLTS),
  },
  {
    id: 'phases',
    name: 'Phases',
    find: [after('PH|PHASE', '([13])(?!\\d)'), /(?:^|[^0-9])([13])\s*-?(?:PH|PHASE)/],
    value: (match) => (match[1] === '3' ? 'three' : 'one'),
  },
  {
    id: 'fullLoadAmps',
    name: 'Full-load amps',
    find: [after('F\\.?L\\.?A\\.?', NUMBER)],
    value: figure,
    isUsual: within(0.2, 150),
  },
  {
    id: 'ratedLoadAmps',
    name: 'Rated-load amps',
    find: [after('R\\.?L\\.?A\\.?', NUMBER)],
    value: figure,
    isUsual: within(1, 200),
  },
  {
    id: 'minCircuitAmps',
    name: 'Minimum circuit',
    find: [after('M\\.?C\\.?A\\.?|MIN\\w*\\.? C(?:IRCUIT|KT)\\.? AMP\\w*', NUMBER)],
    value: figure,
    isUsual: within(1, 250),
  },
  {
    id: 'breakerAmps',
    name: 'Breaker',
    find: [after('MOCP|MOP|MAX\\w*\\.? (?:FUSE|BREAKER|BKR|OVERCURRENT)[A-Z /]*', '(\\d{2,3})(?![\\d.])')],
    value: figure,
    isUsual: oneOf(BREAKERS),
  },
  {
    id: 'horsepower',
    name: 'Horsepower',
    find: [
      after('H\\.?P\\.?', '(\\d{1,2}/\\d|\\d{0,2}\\.?\\d{1,2})(?![\\d/])'),
      /(?:^|[^0-9./])(\d{1,2}\/\d|\d{0,2}\.?\d{1,2})\s*HP/,
    ],
    value: (match) => {
      const [over, under = '1'] = match[1]!.split('/');
      const value = Number(over) / Number(under);
      return Number.isFinite(value) && value > 0 ? String(Number(value.toFixed(2))) : undefined;
    },
    isUsual: oneOf(HORSEPOWER),
  },
  {
    id: 'rpm',
    name: 'RPM',
    find: [after('RPM', '(\\d{3,4})(?!\\d)'), /(?:^|[^0-9])(\d{3,4})\s*RPM/],
    value: figure,
    isUsual: within(300, 3600),
  },
  {
    id: 'microfarads',
    name: 'Capacitor',
    find: [
      /(?:^|[^0-9.])(\d{1,2}(?:\.\d)?(?:\s*[/+]\s*\d{1,2}(?:\.\d)?)?)\s*(?:MFD|UF|[µμ]F|MF)(?:[^A-Z]|$)/,
      after('CAP\\w*\\.?', '(\\d{1,2}(?:\\.\\d)?(?:\\s*[/+]\\s*\\d{1,2}(?:\\.\\d)?)?)(?!\\d)'),
    ],
    value: whole,
  },
  {
    id: 'maxTespInWc',
    name: 'Maximum static, in. w.c.',
    find: [
      after('MAX\\w*\\.? ?(?:EXT\\w*\\.? ?)?(?:STATIC|ESP|E\\.S\\.P\\.)[A-Z. ]*', '(\\d?\\.\\d{1,2})'),
      after('MAX\\w*\\.? ?(?:EXT\\w*\\.? ?)?(?:STATIC|ESP)[A-Z. ]*', '(\\d{2,3})\\s*(PA)'),
    ],
    value: (match) => String(Number((Number(match[1]) * (match[2] ? IN_WC_IN_PA : 1)).toFixed(2))),
    // Printed in steps of 0.05.
    isUsual: (value) => within(0.1, 2.5)(value) && Number((Number(value) * 100).toFixed(1)) % 5 === 0,
  },
  {
    id: 'riseF',
    name: 'Temperature rise',
    find: [/RISE[^0-9]{0,14}(\d{2,3})\s*(?:-|–|—|TO)\s*(\d{2,3})/],
    value: (match) => (Number(match[1]) < Number(match[2]) ? `${match[1]}-${match[2]}` : undefined),
    // Printed in steps of 5 °F.
    isUsual: (value) => value.split('-').every((one) => Number(one) % 5 === 0),
  },
  {
    id: 'refrigerant',
    name: 'Refrigerant',
    find: [/(?:^|[^A-Z0-9])(?:R|HFC|HCFC)\s?-?\s?(22|32|134A|404A|407C|410A|454B)(?![0-9A-Z])/],
    value: (match) => `R-${match[1]}`,
  },
  {
    id: 'chargeLb',
    name: 'Charge, lb',
    find: [
      /CHARGE[^0-9]{0,14}(\d{1,2})\s*LBS?[.,]?\s*(?:(\d{1,2}(?:\.\d)?)\s*([O0][Z2]))?/,
      /CHARGE[^0-9]{0,14}(\d{1,3}(?:\.\d{1,2})?)\s*()(KG|OZ|LB)/,
    ],
    value: (match) => {
      const [first, unit] = [Number(match[1]), match[3]];
      const pounds =
        unit === 'KG'
          ? first * LB_IN_KG
          : match[2]
            ? first + Number(match[2]) / 16
            : unit === 'OZ'
              ? first / 16
              : first;
      return pounds > 0 ? String(Number(pounds.toFixed(2))) : undefined;
    },
  },
  {
    id: 'inputBtuh',
    name: 'Input, Btu/h',
    find: [after('INPUT', '(\\d{2,3}[, ]?\\d{3})')],
    value: figure,
    isUsual: within(10_000, 999_999),
  },
  {
    id: 'outputBtuh',
    name: 'Output, Btu/h',
    find: [after('OUTPUT', '(\\d{2,3}[, ]?\\d{3})')],
    value: figure,
    isUsual: within(10_000, 999_999),
  },
  {
    id: 'heaterKw',
    name: 'Heater, kW',
    find: [/(?:^|[^0-9.])(\d{1,2}(?:\.\d)?)\s*KW/, after('KW', '(\\d{1,2}(?:\\.\\d)?)')],
    value: figure,
    isUsual: within(1, 60),
  },
  {
    id: 'beltMark',
    name: 'Belt mark',
    find: [/(?:^|[^A-Z0-9])([AB]X?\s?\d{2,3}|[345]L\s?\d{3})(?![0-9A-Z])/],
    value: whole,
  },
  {
    id: 'filterSize',
    name: 'Filter size',
    find: [/(?:^|[^0-9])(\d{2})\s*[X×]\s*(\d{2})\s*[X×]\s*(\d)(?![0-9])/],
    value: (match) => `${match[1]}x${match[2]}x${match[3]}`,
  },
];

/** A value whose printed figure is not one that is met, with those that look like it and are. @example usualAlike(breaker, '38') // ['35', '30'] */
export function usualAlike({ isUsual }: PlateField, value: string): string[] {
  if (!isUsual || isUsual(value)) return [];
  return misread(value.replace('.', '')).filter(isUsual).slice(0, 2);
}
