import {
  quickCheckTitle,
  type BlowerTableDto,
  type ReadingDto,
  type SiteDto,
  type UnitDto,
  type VisitDto,
  type VisitTableDto,
} from '@huff/contract';
import {
  currentMeasures,
  DEFAULT_RULES,
  staticWords,
  tapRow,
  targetPerTon,
  type Conditions,
  type PortId,
  type Rules,
} from '@huff/core';
import { v4 as uuid } from 'uuid';
import { stageOf } from './newFact';

export const AS_IT_RUNS: Conditions = { door: 'on', filter: 'in', coil: 'wet' };

/**
 * A quick check of a unit nobody wrote down yet: its air path and motor are assumed until somebody says them.
 *
 * @param site where it stands, if that is known: its altitude and climate hold there
 */
export function quickCheck(now: Date, rules: Rules = DEFAULT_RULES, site?: SiteDto): VisitDto {
  return {
    id: uuid(),
    title: quickCheckTitle(site?.name),
    unitId: null,
    layout: 'airHandler',
    motor: 'psc',
    mode: 'cooling',
    tons: null,
    maxTespInWc: null,
    cfmPerTon: site ? siteTarget(site, rules) : rules.cfmPerTon,
    tap: null,
    table: null,
    startedAt: now.toISOString(),
    readings: [],
    facts: [],
    setup: { unsaid: ['layout', 'motor'], ...(site ? { altitudeFt: site.altitudeFt ?? null } : {}) },
  };
}

/** The part of a table that a visit keeps. */
const tableUsed = ({ id, name, staticsInWc, taps, byRpm, part }: BlowerTableDto): VisitTableDto => ({
  id,
  name,
  staticsInWc,
  taps,
  ...(byRpm ? { byRpm } : {}),
  ...(part ? { part } : {}),
});

/** A check at a known unit: what its record says is filled in. */
export function checkAt(
  unit: UnitDto,
  table: BlowerTableDto | undefined,
  site: SiteDto | undefined,
  now: Date,
): VisitDto {
  return {
    ...quickCheck(now),
    title: site ? `${site.name}, ${unit.name}` : unit.name,
    unitId: unit.id,
    layout: unit.layout,
    motor: unit.motor,
    tons: unit.tons ?? null,
    maxTespInWc: unit.maxTespInWc ?? null,
    cfmPerTon: unit.cfmPerTon,
    tap: unit.tap ?? null,
    plate: unit.plate ?? null,
    table: table ? tableUsed(table) : null,
    // The altitude is the site's: it thins the air of each of its units.
    setup: {
      ...unit.setup,
      ...(table ? conditionsOf(table) : {}),
      altitudeFt: site?.altitudeFt ?? unit.setup?.altitudeFt ?? null,
      // A point of its own curve: it speaks where no table does.
      proven: unit.proven
        ? { flowCfm: unit.proven.flowCfm, tespInWc: unit.proven.tespInWc, tap: unit.proven.system.fan.tap }
        : null,
    },
  };
}

/** How the manufacturer took the table, where a visit keeps it. */
const conditionsOf = ({ conditions }: BlowerTableDto) => ({
  tableCoil: conditions?.coil ?? null,
  tableVolts: conditions?.volts ?? null,
  tableFilter: conditions?.filter ?? null,
  tableDryFactor: conditions?.dryFactor ?? null,
});

/** The visit on another table: motor and, while they are unknown, tons come with it; a tap it does not know is let go. */
export function onTable(visit: VisitDto, table: BlowerTableDto): VisitDto {
  const tapStays = visit.tap ? tapRow(table, visit.tap) !== undefined : false;
  const unsaid = (visit.setup?.unsaid ?? []).filter((one) => one !== 'motor');
  return {
    ...visit,
    table: tableUsed(table),
    setup: { ...visit.setup, ...conditionsOf(table), unsaid: unsaid.length > 0 ? unsaid : null },
    motor: table.motor,
    tons: visit.tons ?? table.tons ?? null,
    tap: tapStays ? visit.tap : null,
  };
}

/** The visit without a table: a typical curve of its motor's kind stands in. A tap's mark says nothing without its row. */
export const withoutTable = (visit: VisitDto): VisitDto => ({ ...visit, table: null, tap: null });

/** The target a ton where a unit stands: by its site's climate, as the shop sets it. */
export const siteTarget = (site: SiteDto | undefined, rules: Rules): number => targetPerTon(rules, site?.climate);

/** The state a port is read in: what the technician says of it, with the mode, the speed and the stage that run. */
export const runState = (visit: VisitDto, conditions: Conditions): Conditions => ({
  ...conditions,
  mode: visit.mode,
  ...(visit.tap ? { tap: visit.tap } : {}),
  ...stageOf(visit),
  ...(visit.setup?.lineVolts ? { lineVolts: visit.setup.lineVolts } : {}),
});

/** The visit with one more reading; when the port had a counted one under the same conditions, it corrects that. */
export function withReading(
  visit: VisitDto,
  taken: {
    readonly port: PortId;
    readonly staticInWc: number;
    readonly conditions: Conditions;
    readonly replacesId: string | null;
    /** A probe showed it; nobody typed it. */
    readonly byProbe?: boolean;
    readonly id?: string;
  },
  now: Date,
): VisitDto {
  const reading: ReadingDto = {
    id: taken.id ?? uuid(),
    quantity: 'staticPressure',
    port: taken.port,
    // Six places lose nothing of what was typed, in whatever unit.
    value: Number(taken.staticInWc.toFixed(6)),
    unit: 'inWc',
    ...(currentMeasures().static === 'inWc' || taken.byProbe ? {} : { typedAs: staticWords(taken.staticInWc) }),
    origin: taken.byProbe ? 'probe' : 'typed',
    conditions: taken.conditions,
    takenAt: now.toISOString(),
    replacesId: taken.replacesId,
  };
  return { ...visit, readings: [...visit.readings, reading] };
}

/** Whether anything was read or recorded: such a visit is never thrown away. */
export const isBegun = (visit: VisitDto): boolean => visit.readings.length + (visit.facts ?? []).length > 0;
