import type { ToolUnit } from '../../base/forms';

/** What a probe measures: its unit, what may come out of it, and when it has come to rest. */
export interface ChannelPlan {
  readonly name: string;
  readonly unit: ToolUnit;
  readonly min: number;
  readonly max: number;
  /** Steady: over the window its slope moves it by no more than this, in its unit, */
  readonly drift: number;
  /** and single values stray no further, one σ. */
  readonly spread: number;
  /** Seconds that are looked back on. */
  readonly windowS: number;
}

/** (J) Ranges are those of field instruments; limits of rest are twice what a good one repeats to. */
export const CHANNELS = {
  static: { name: 'Static pressure', unit: 'inWc', min: -10, max: 10, drift: 0.01, spread: 0.012, windowS: 6 },
  dryBulb: { name: 'Dry bulb', unit: 'degF', min: -40, max: 300, drift: 0.4, spread: 0.4, windowS: 20 },
  wetBulb: { name: 'Wet bulb', unit: 'degF', min: -40, max: 120, drift: 0.5, spread: 0.5, windowS: 20 },
  humidity: { name: 'Relative humidity', unit: 'percent', min: 0, max: 100, drift: 2, spread: 1.5, windowS: 20 },
  amps: { name: 'Amps', unit: 'amps', min: 0, max: 600, drift: 0.2, spread: 0.15, windowS: 6 },
  velocity: { name: 'Air velocity', unit: 'fpm', min: 0, max: 10_000, drift: 60, spread: 60, windowS: 6 },
  rpm: { name: 'RPM', unit: 'rpm', min: 0, max: 10_000, drift: 12, spread: 10, windowS: 5 },
  linePressure: { name: 'Line pressure', unit: 'psig', min: -15, max: 900, drift: 2, spread: 1.5, windowS: 15 },
  lineTemperature: { name: 'Line temperature', unit: 'degF', min: -60, max: 300, drift: 0.6, spread: 0.5, windowS: 20 },
} as const satisfies Readonly<Record<string, ChannelPlan>>;

export type ChannelId = keyof typeof CHANNELS;

export const CHANNEL_IDS = Object.keys(CHANNELS) as readonly ChannelId[];
