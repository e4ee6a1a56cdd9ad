/** Moisture and outdoor air of a usual cooling day, taken where nobody read them (J). */
export const USUAL_COOLING_AIR = { relativeHumidity: 0.5, outdoorF: 90 } as const;
