import { visitKind } from '../support/visitKind';

visitKind(2, 'an electronic motor that does not start, and is converted', { first: 26, end: 37 }, async (tech) => {
  await tech.said('blower does not run');
  await tech.cautions();
  await tech.unit({ kind: 'Furnace, coil', motor: /^Sixteen-pin plug/ });
  await tech.go('Electrical');
  await tech.cautions();
  await tech.read(/^T1, Disconnect/, '120');
  await tech.read(/^T2, Transformer/, '26');
  await tech.read(/^T3, Call for fan/, '26');
  await tech.read(/^T5, /, '120');
  await tech.read(/^T4, Request at the harness/, '14');
  await tech.mark(/^T6, Harness, wiggled/, 'steady');
  await tech.touch(/^T7, Motor/);
  await tech.touch(/^Enter the figure/);
  await tech.figure('3');
  await tech.mark(/^T8, Wheel/, 'free');
  await tech.verdict(/^Motor module \d\d %|Motor module$/);
  await tech.go('Findings');
  await tech.touch(/^Likely: motor module.*: fixed/);
  // Converted: another motor is in now, and proved as a new one.
  await tech.go('Electrical');
  await tech.unit({ motor: /^Five small taps/ });
  await tech.touch(/^Open motor checklist/);
  await tech.mark(/^Rotation/, 'the right way');
  await tech.handOver(/motor/i);
});

visitKind(15, 'a broken belt and ice, with spares for a roof', { first: 12, end: 30 }, async (tech) => {
  await tech.said('freezing up');
  await tech.cautions();
  await tech.unit({ kind: 'Packaged', motor: /^Belt and sheaves/, tons: '5' });
  await tech.go('Inspect');
  await tech.choose('none', 'Air');
  await tech.choose('on the coil', 'Ice');
  await tech.verdict(/^The blower isn't moving air/);
  await tech.go('Electrical');
  await tech.cautions();
  await tech.mark(/^(T\d, )?Belt/, 'off or broken');
  await tech.keepUnit('Salt works', 'Roof 1', 'A48');
  await tech.go('Findings');
  await tech.touch(/^Belt.*: fixed/);
  await tech.handOver(/belt/i);
  // The next one on the same roof.
  await tech.go('Complaint');
  await tech.touch(/^Check unlisted unit/);
  await tech.unit({ kind: 'Packaged', motor: /^Belt and sheaves/ });
  await tech.keepUnit('Salt works', 'Roof 2', 'A47');
  await tech.takesUp('Salt works', 'Belt A48', 'Belt A47');
});

visitKind(16, 'a burning smell', { first: 6, end: 13 }, async (tech) => {
  await tech.said('smells hot, smoke or alarm');
  await tech.cautions();
  await tech.go('Inspect');
  await tech.choose('hot or burnt', 'Smell');
  await tech.verdict(/disconnect/i);
  await tech.go('Electrical');
  await tech.cautions();
  await tech.mark(/^T7, Wheel/, 'seized');
  await tech.go('Findings');
  await tech.verdict(/^Seized\. Shut off its circuit/);
  await tech.handOver(/seized/i);
});

visitKind(17, 'a third motor on a restricted duct', { first: 14, end: 20 }, async (tech) => {
  await tech.said('blower does not run');
  await tech.cautions();
  await tech.choose('motor, more than once', 'Replaced here before');
  await tech.unit({ kind: 'Air handler', motor: /^Two brown capacitor leads/, tons: '3' });
  await tech.go('Pressure');
  await tech.statics('R2', '.62', '.48');
  await tech.verdict('1.10');
  await tech.go('Inspect');
  await tech.choose('loaded', 'Filter');
  await tech.choose('crushed', 'Ducts');
  await tech.go('Findings');
  await tech.verdict(/crushed/i);
  await tech.handOver(/duct/i);
});
