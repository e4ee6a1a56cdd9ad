import { visitKind } from '../support/visitKind';

visitKind(4, 'a weak capacitor and a worn relay', { first: 11, end: 18 }, async (tech) => {
  await tech.said('blower does not run');
  await tech.cautions();
  await tech.go('Electrical');
  await tech.cautions();
  await tech.mark(/^The motor on a call/, 'hums or rocks, no start');
  await tech.touch(/^T5, Run capacitor/);
  await tech.touch(/^Enter the figure/);
  await tech.figure('5.1');
  await tech.figure('7.5');
  await tech.verdict(/^Run capacitor \d\d %/);
  await tech.touch(/^Add a finding/);
  await tech.write(/^Finding/, 'Relay contacts pitted, replaced');
  await tech.touch(/^Save/);
  await tech.go('Findings');
  await tech.touch(/^Likely: run capacitor, \d\d %: fixed/);
  await tech.verdict('Relay contacts pitted, replaced');
  await tech.handOver(/capacitor/i);
});

visitKind(10, 'an outdoor coil that cannot breathe', { first: 17, end: 21 }, async (tech) => {
  await tech.said('not cooling');
  await tech.cautions();
  await tech.go('Maintenance');
  await tech.cautions();
  await tech.mark(/^Outdoor coil/, 'found');
  await tech.go('Refrigerant');
  await tech.cautions();
  await tech.read(/^Run it/, '15');
  await tech.touch(/^condensing/);
  await tech.choose('R-410A');
  for (const figure of ['470', '113', '95']) await tech.figure(figure);
  await tech.closeKeypad();
  await tech.verdict(/^High head: condensing 34 °F over ambient/);
  await tech.go('Findings');
  await tech.verdict(/^Outdoor coil/);
  await tech.touch(/^Outdoor coil.*: fixed/);
  await tech.handOver(/outdoor coil/i);
});

visitKind(11, 'ten reasons a blower does not run', { first: 13, end: 21 }, async (tech) => {
  await tech.said('blower does not run');
  await tech.cautions();
  await tech.go('Electrical');
  await tech.cautions();
  await tech.read(/^T1, Disconnect/, '238');
  await tech.read(/^T2, Transformer/, '26');
  await tech.read(/^T3, Call for fan/, '25.6');
  await tech.read(/^T4, Line at the motor/, '0');
  await tech.verdict('Power stops here');
  await tech.mark(/^Relay by ear/, 'silent');
  await tech.mark(/^The motor on a call/, 'nothing at all');
  await tech.read(/^Measure again: call for fan/, '25.4');
  await tech.verdict(/^Board output 9\d %/);
  await tech.handOver(/board output/i);
});

visitKind(14, 'a fan relay and 24 V taps', { first: 17, end: 19 }, async (tech) => {
  await tech.said('blower does not run');
  await tech.cautions();
  await tech.unit({ kind: 'Air handler', motor: /^Five small taps/ });
  await tech.go('Electrical');
  await tech.cautions();
  await tech.read(/^T1, Disconnect/, '241');
  await tech.read(/^T2, Transformer/, '27');
  await tech.read(/^T3, Call for fan/, '26');
  await tech.read(/^T4, /, '0');
  await tech.verdict('Power stops here');
  await tech.handOver(/called for: blower does not run/);
});
