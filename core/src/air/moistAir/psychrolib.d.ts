declare module 'psychrolib' {
  interface Psychrolib {
    readonly IP: number;
    readonly SI: number;
    SetUnitSystem(system: number): void;
    GetStandardAtmPressure(altitudeFt: number): number;
    GetHumRatioFromTWetBulb(dryBulbF: number, wetBulbF: number, pressurePsia: number): number;
    GetHumRatioFromRelHum(dryBulbF: number, relativeHumidity: number, pressurePsia: number): number;
    GetTWetBulbFromHumRatio(dryBulbF: number, humidityRatio: number, pressurePsia: number): number;
    GetRelHumFromHumRatio(dryBulbF: number, humidityRatio: number, pressurePsia: number): number;
    GetTDewPointFromHumRatio(dryBulbF: number, humidityRatio: number, pressurePsia: number): number;
    GetMoistAirEnthalpy(dryBulbF: number, humidityRatio: number): number;
    GetMoistAirDensity(dryBulbF: number, humidityRatio: number, pressurePsia: number): number;
    GetSatAirEnthalpy(dryBulbF: number, pressurePsia: number): number;
    GetSatHumRatio(dryBulbF: number, pressurePsia: number): number;
  }
  const psychrolib: Psychrolib;
  export default psychrolib;
}
