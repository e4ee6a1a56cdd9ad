const BROWSERS: readonly (readonly [pattern: RegExp, name: string])[] = [
  [/Edg\//, 'Edge'],
  [/Firefox\//, 'Firefox'],
  [/Chrome\/|CriOS\//, 'Chrome'],
  [/Safari\//, 'Safari'],
];
const SYSTEMS: readonly (readonly [pattern: RegExp, name: string])[] = [
  [/iPhone/, 'iPhone'],
  [/iPad/, 'iPad'],
  [/Android/, 'Android'],
  [/Windows/, 'Windows'],
  [/Mac OS X/, 'Mac'],
  [/Linux|X11/, 'Linux'],
];

const named = (list: typeof BROWSERS, agent: string, other: string) =>
  list.find(([pattern]) => pattern.test(agent))?.[1] ?? other;

/** What a person calls a device, out of what its browser says it is. @example 'Chrome on Android' */
export const deviceLabel = (agent: string): string =>
  `${named(BROWSERS, agent, 'Browser')} on ${named(SYSTEMS, agent, 'another device')}`;
