import { visitKind } from '../support/visitKind';

visitKind(1, 'maintenance of electric heat', { first: 13, end: 17 }, async (tech) => {
  await tech.said('planned maintenance');
  await tech.go('Maintenance');
  await tech.cautions();
  await tech.mark(/^Blower wheel/, 'done');
  await tech.mark(/^Coil, underside too/, 'done');
  await tech.mark(/^Filter changed/, 'done');
  await tech.mark(/^Heat terminals and links/, 'found');
  await tech.verdict(/^\d of \d+ done, 1 found/);
  await tech.go('Findings');
  await tech.touch(/^A heat terminal or a fusible link.*: fixed/);
  await tech.handOver(/filter/i, /wheel/i, /terminal/i);
});

visitKind(7, 'freezing in cold weather', { first: 8, end: 10 }, async (tech) => {
  await tech.said('freezing up');
  await tech.cautions();
  await tech.go('Refrigerant');
  await tech.cautions();
  await tech.gauges(/^outdoors/, '48');
  await tech.verdict(/Under 65 °F outdoors the high side cannot be judged/);
  await tech.handOver(/called for: freezing up/);
});

visitKind(8, 'a neglected rooftop unit', { first: 12, end: 23 }, async (tech) => {
  await tech.said('planned maintenance');
  await tech.unit({ kind: 'Packaged', motor: /^Belt and sheaves/, tons: '5' });
  await tech.go('Maintenance');
  await tech.cautions();
  await tech.mark(/^Trap refilled/, 'found');
  await tech.verdict(/^\d of \d+ done, 1 found/);
  await tech.mark(/^Cabinet doors/, 'found');
  await tech.mark(/^Belt and spare/, 'found');
  await tech.mark(/^Outdoor coil/, 'done');
  await tech.go('Findings');
  await tech.touch(/: quoted/);
  await tech.figure('60');
  await tech.handOver(/trap/i, /outdoor coil/i);
});

visitKind(9, 'a limit that trips, by belt and filter', { first: 13, end: 17 }, async (tech) => {
  await tech.said('no heat');
  await tech.cautions();
  await tech.unit({ kind: 'Furnace, coil', motor: /^Belt and sheaves/ });
  await tech.go('Inspect');
  await tech.choose('loaded', 'Filter');
  await tech.go('Heating');
  await tech.cautions();
  await tech.mark(/^T2, Limit and roll-out/, 'limit open');
  await tech.verdict(/filter/i);
  await tech.go('Findings');
  await tech.touch(/^Filter: loaded: fixed/);
  await tech.handOver(/filter/i);
});

visitKind(18, 'make-up air that trips on a negative building', { first: 11, end: 17 }, async (tech) => {
  await tech.said('doors pull, building air');
  await tech.cautions();
  await tech.go('Building pressure');
  await tech.cautions();
  await tech.read(/^Exhaust/, '2400');
  await tech.read(/^Make-up air: not read/, '0');
  await tech.read(/^Outdoor air/, '600');
  await tech.verdict(/1,800/);
  await tech.mark(/^Doors:/, 'pulled in');
  await tech.mark(/^Make-up air unit/, 'trips its overload');
  await tech.handOver(/make-up/i);
});
