import { visitKind } from '../support/visitKind';

visitKind(2, 'an electronic motor that does not start, and is converted', { first: 16, end: 40 }, async (tech) => {
  await tech.said('blower does not run');
  await tech.cautions();
  await tech.unit({ kind: 'Furnace, coil', motor: /^Sixteen-pin plug/ });
  await tech.go('Power');
  await tech.cautions();
  await tech.read(/^T1, Disconnect/, '120');
  await tech.read(/^T2, Transformer/, '26');
  await tech.read(/^T3, Call for fan/, '26');
  await tech.read(/^T5, /, '120');
  await tech.verdict(/\d+ %/);
  await tech.handOver(/./);
});

visitKind(15, 'a broken belt and ice, with spares for a roof', { first: 12, end: 30 }, async (tech) => {
  await tech.said('freezing up');
  await tech.cautions();
  await tech.unit({ kind: 'Packaged', motor: /^Belt and sheaves/, tons: '5' });
  await tech.go('Look');
  await tech.choose('on the coil', 'Ice');
  await tech.verdict(/thaw/i);
  await tech.handOver(/ice/i);
});

visitKind(16, 'a burning smell', { first: 10, end: 22 }, async (tech) => {
  await tech.said('smells hot, smoke or alarm');
  await tech.cautions();
  await tech.go('Look');
  await tech.choose('hot or burnt', 'Smell');
  await tech.verdict(/disconnect/i);
  await tech.handOver(/smell/i);
});

visitKind(17, 'a third motor on a choked duct', { first: 14, end: 34 }, async (tech) => {
  await tech.said('blower does not run');
  await tech.cautions();
  await tech.choose('motor, more than once', 'Replaced here before');
  await tech.unit({ kind: 'Air handler', motor: /^Two brown leads/, tons: '3' });
  await tech.go('Pressure');
  await tech.statics('R2', '.62', '.48');
  await tech.verdict(/1\.10/);
  await tech.handOver(/./);
});
