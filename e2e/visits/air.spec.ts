import { visitKind } from '../support/visitKind';

visitKind(5, 'loaded filters and choked grilles', { first: 12, end: 30 }, async (tech) => {
  await tech.said('weak at one register');
  await tech.cautions();
  await tech.unit({ kind: 'Air handler', motor: /^Two brown leads/, tons: '3' });
  await tech.go('Pressure');
  await tech.statics('R2', '.46', '.21');
  await tech.verdict('0.67');
  await tech.go('Look');
  await tech.choose('loaded', 'Filter');
  await tech.handOver(/filter/i);
});

visitKind(6, 'airflow by heat rise', { first: 16, end: 30 }, async (tech) => {
  await tech.said('blows warm');
  await tech.cautions();
  await tech.unit({ kind: 'Air handler', equipment: 'Electric heat', tons: '3' });
  await tech.go('Airflow');
  await tech.touch(/^Electric heat rise/);
  await tech.read(/^Air into the heater/, '70');
  await tech.read(/^Air out of the heater/, '101');
  await tech.read(/^Volts at the heater/, '238');
  await tech.read(/^Amps of the elements/, '41.2');
  await tech.touch(/^Keep this airflow/);
  await tech.verdict(/± \d+/);
  await tech.handOver(/air/i);
});

visitKind(12, 'constant airflow set by switches, with dehumidify on', { first: 12, end: 30 }, async (tech) => {
  await tech.said('not cooling');
  await tech.cautions();
  await tech.unit({ kind: 'Air handler', motor: /^Sixteen-pin plug/, tons: '3' });
  await tech.go('Airflow');
  await tech.touch(/^Constant-airflow setting/);
  await tech.verdict(/./);
  await tech.handOver(/air/i);
});

visitKind(3, 'a blower table and a charge chart', { first: 20, end: 40 }, async (tech) => {
  await tech.said('not cooling');
  await tech.cautions();
  await tech.unit({ kind: 'Air handler', motor: /^Two brown leads/, tons: '3' });
  await tech.go('Pressure');
  await tech.statics('R2', '.22', '.2');
  await tech.verdict('0.42');
  await tech.handOver(/air/i);
});

visitKind(13, 'a start-up with a traverse and charge', { first: 20, end: 40 }, async (tech) => {
  await tech.said('start-up');
  await tech.cautions();
  await tech.unit({ kind: 'Air handler', tons: '3' });
  await tech.go('Airflow');
  await tech.touch(/^Duct traverse/);
  await tech.handOver(/air/i);
});
