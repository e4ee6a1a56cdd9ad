import { CHANNELS, type ChannelId } from './channels';

/** One value as a probe sends it. */
export interface LiveValue {
  /** Which probe, by the name its maker of values gives it. */
  readonly probe: string;
  readonly channel: ChannelId;
  /** In the channel’s unit. */
  readonly value: number;
  /** When it was measured, ms since 1970. */
  readonly atMs: number;
  /** 0 to 1, where the probe says so. */
  readonly battery?: number;
}

/** A clock that runs ahead by more than this is wrong, ms. */
const FUTURE_MS = 5_000;
/** What is older than this says nothing of now, ms. */
const OLD_MS = 30_000;
/** A name longer than this is no probe’s. */
const NAME_LENGTH = 60;

const isPlain = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * What is wrong with a value from a bridge, in a sentence; undefined for a sound one. A bridge is never trusted: what it sends is checked like
 * what a person types.
 *
 * @param nowMs of the one who hears it
 */
export function liveFault(value: unknown, nowMs: number): string | undefined {
  if (!isPlain(value)) return 'A value is an object with probe, channel, value and atMs.';
  const { probe, channel, value: figure, atMs, battery } = value;
  if (typeof probe !== 'string' || probe.trim() === '' || probe.length > NAME_LENGTH)
    return `Name the probe in up to ${NAME_LENGTH} characters.`;
  if (typeof channel !== 'string' || !Object.hasOwn(CHANNELS, channel)) return `${probe}: unknown channel.`;
  const { min, max, name } = CHANNELS[channel as ChannelId];
  if (typeof figure !== 'number' || !Number.isFinite(figure)) return `${probe}: ${name} is not a number.`;
  if (figure < min || figure > max) return `${probe}: ${name} ${figure} is outside ${min} to ${max}.`;
  if (typeof atMs !== 'number' || !Number.isFinite(atMs)) return `${probe}: atMs is not a time.`;
  if (atMs > nowMs + FUTURE_MS) return `${probe}: the value is from the future. Set the bridge’s clock.`;
  if (atMs < nowMs - OLD_MS) return `${probe}: the value is more than 30 s old.`;
  if (battery !== undefined && !(typeof battery === 'number' && battery >= 0 && battery <= 1))
    return `${probe}: give the battery as 0 to 1.`;
  return undefined;
}

/** A probe that sent nothing for this long is quiet, ms. */
export const QUIET_MS = 5_000;
