import { visitKind } from '../support/visitKind';

visitKind(2, 'an electronic motor that does not start, and is converted', { first: 28, end: 39 }, async (tech) => {
  await tech.said('blower does not run');
  await tech.cautions();
  await tech.unit({ kind: 'Furnace, coil', motor: /^Sixteen-pin plug/ });
  await tech.go('Power');
  await tech.cautions();
  await tech.read(/^T1, Disconnect/, '120');
  await tech.read(/^T2, Transformer/, '26');
  await tech.read(/^T3, Call for fan/, '26');
  await tech.read(/^T5, /, '120');
  await tech.read(/^T4, Request at the harness/, '14');
  await tech.mark(/^T6, Harness, wiggled/, 'steady');
  await tech.touch(/^T7, Motor/);
  await tech.touch(/^Type the figure/);
  await tech.figure('3');
  await tech.mark(/^T8, Wheel/, 'free');
  await tech.verdict(/^Motor module \d\d %|Motor module$/);
  await tech.go('Found');
  await tech.touch(/^Likely: motor module.*: fixed/);
  // Converted: another motor is in now, and proved as a new one.
  await tech.go('Power');
  await tech.unit({ motor: /^Five small taps/ });
  await tech.touch(/^After a new motor/);
  await tech.mark(/^Rotation/, 'the right way');
  await tech.handOver(/motor/i);
});

visitKind(15, 'a broken belt and ice, with spares for a roof', { first: 13, end: 21 }, async (tech) => {
  await tech.said('freezing up');
  await tech.cautions();
  await tech.unit({ kind: 'Packaged', motor: /^Belt and sheaves/, tons: '5' });
  await tech.go('Look');
  await tech.choose('none', 'Air');
  await tech.choose('on the coil', 'Ice');
  await tech.verdict(/^The blower isn't moving air/);
  await tech.go('Power');
  await tech.cautions();
  await tech.mark(/^(T\d, )?Belt/, 'off or broken');
  await tech.go('Found');
  await tech.touch(/^Belt.*: fixed/);
  await tech.handOver(/belt/i);
});

visitKind(16, 'a burning smell', { first: 8, end: 15 }, async (tech) => {
  await tech.said('smells hot, smoke or alarm');
  await tech.cautions();
  await tech.go('Look');
  await tech.choose('hot or burnt', 'Smell');
  await tech.verdict(/disconnect/i);
  await tech.go('Power');
  await tech.cautions();
  await tech.mark(/^T7, Wheel/, 'seized');
  await tech.go('Found');
  await tech.verdict(/^Seized: kill its circuit/);
  await tech.handOver(/seized/i);
});

visitKind(17, 'a third motor on a choked duct', { first: 16, end: 22 }, async (tech) => {
  await tech.said('blower does not run');
  await tech.cautions();
  await tech.choose('motor, more than once', 'Replaced here before');
  await tech.unit({ kind: 'Air handler', motor: /^Two brown leads/, tons: '3' });
  await tech.go('Pressure');
  await tech.statics('R2', '.62', '.48');
  await tech.verdict('1.10');
  await tech.go('Look');
  await tech.choose('loaded', 'Filter');
  await tech.choose('crushed', 'Ducts');
  await tech.go('Found');
  await tech.verdict(/crushed/i);
  await tech.handOver(/duct/i);
});
