import { visitKind } from '../support/visitKind';

visitKind(1, 'maintenance of electric heat', { first: 12, end: 34 }, async (tech) => {
  await tech.said('planned maintenance');
  await tech.go('Upkeep');
  await tech.cautions();
  await tech.mark(/^Blower wheel/, 'done');
  await tech.mark(/^Coil, under side too/, 'done');
  await tech.mark(/^Filter changed/, 'done');
  await tech.mark(/^Electric heat, amps/, 'found');
  await tech.verdict(/^4 of \d+ done, 1 found|^3 of \d+ done, 1 found/);
  await tech.handOver(/filter/i);
});

visitKind(7, 'freezing in cold weather', { first: 12, end: 30 }, async (tech) => {
  await tech.said('freezing up');
  await tech.cautions();
  await tech.go('Refrigerant');
  await tech.cautions();
  await tech.verdict(/./);
  await tech.handOver(/./);
});

visitKind(8, 'a neglected rooftop unit', { first: 12, end: 34 }, async (tech) => {
  await tech.said('planned maintenance');
  await tech.unit({ kind: 'Packaged', motor: /^Belt and sheaves/, tons: '5' });
  await tech.go('Upkeep');
  await tech.cautions();
  await tech.mark(/^Trap refilled/, 'found');
  await tech.verdict(/Trap missing|1 found/);
  await tech.handOver(/trap/i);
});

visitKind(9, 'a limit that trips, by belt and filter', { first: 14, end: 30 }, async (tech) => {
  await tech.said('no heat');
  await tech.cautions();
  await tech.go('Look');
  await tech.choose('loaded', 'Filter');
  await tech.handOver(/filter/i);
});

visitKind(18, 'make-up air that trips on a negative building', { first: 12, end: 30 }, async (tech) => {
  await tech.said('doors pull, building air');
  await tech.cautions();
  await tech.go('Building');
  await tech.cautions();
  await tech.read(/^Exhaust/, '2400');
  await tech.read(/^Make-up air: not read/, '0');
  await tech.read(/^Outdoor air/, '600');
  await tech.verdict(/1,800/);
  await tech.mark(/^Doors:/, 'pulled in');
  await tech.mark(/^Make-up air unit/, 'trips its overload');
  await tech.handOver(/make-up/i);
});
