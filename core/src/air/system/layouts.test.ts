import { DEFAULT_RULES, stageBudget } from '../../judge/verdicts';
import { boundaryPorts, FILTER_PLACES, LAYOUT_IDS, layoutOf } from './layouts';

const all = LAYOUT_IDS.flatMap((layout) => FILTER_PLACES.map((filterPlace) => ({ layout, filterPlace })));

test.each(all)('$layout with filters $filterPlace: ports in order of flow, on their side of the blower', (unit) => {
  const { stages, ports, outletPort } = layoutOf(unit);
  const blower = stages.findIndex((stage) => stage.kind === 'blower');
  const places = ports.map((port) => port.afterStage);
  expect(places).toEqual([...places].sort((a, b) => a - b));
  for (const { side, afterStage } of ports)
    expect(side === 'return' ? afterStage <= blower : afterStage > blower).toBe(true);
  expect(new Set(ports.map((port) => port.id)).size).toBe(ports.length);
  expect(ports.some((port) => port.id === outletPort)).toBe(true);
});

test.each(all)('$layout with filters $filterPlace: the shares of what is external make up the nameplate', (unit) => {
  const layout = layoutOf(unit);
  const shares = layout.stages.map((stage) => (stage.external ? stageBudget(layout, stage.kind, DEFAULT_RULES) : 0));
  const sum = shares.reduce((a, b) => a + b, 0);
  const filterOutside = layout.stages.some((stage) => stage.kind === 'filter' && stage.external);
  if (unit.layout !== 'makeUpAir') expect(sum).toBeCloseTo(filterOutside ? 1 : 0.8, 9);
});

test('filters in series share one share, and bring a port of their own', () => {
  const both = layoutOf({ layout: 'airHandler', filterPlace: 'both' });
  expect(both.stages.filter((stage) => stage.kind === 'filter')).toHaveLength(2);
  expect(stageBudget(both, 'filter', DEFAULT_RULES)).toBeCloseTo(0.1, 9);
  expect(both.ports.map((port) => port.id)).toEqual(['R0', 'R1', 'R2', 'S1']);
  const grilles = layoutOf({ layout: 'airHandler', filterPlace: 'atGrilles' });
  expect(grilles.ports.map((port) => port.id)).toEqual(['R0', 'R2', 'S1']);
});

test('a make-up air unit has only its outlet as boundary, whatever is said of filters', () => {
  expect(boundaryPorts(layoutOf({ layout: 'makeUpAir', filterPlace: 'both' }))).toEqual(['S1']);
  expect(boundaryPorts(layoutOf({ layout: 'packaged' }))).toEqual(['R1', 'S1']);
});
