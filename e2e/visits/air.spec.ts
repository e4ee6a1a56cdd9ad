import { visitKind } from '../support/visitKind';

visitKind(3, 'a blower table and a charge chart', { first: 23, end: 42 }, async (tech) => {
  await tech.said('not cooling');
  await tech.cautions();
  const figures = ['1365', '1310', '1250', '1185', '1115'];
  await tech.unit({
    kind: 'Air handler',
    motor: /^Two brown capacitor leads/,
    tons: '3',
    table: { tap: 'low', figures },
  });
  await tech.go('Pressure');
  await tech.statics('R2', '.22', '.2');
  await tech.verdict(/^1,17\d$/);
  await tech.go('Inspect');
  await tech.choose('none', 'Ice');
  await tech.go('Refrigerant');
  await tech.cautions();
  await tech.touch(/^Edit nameplate and chart/);
  await tech.write(/^Minutes since start/, '15');
  await tech.write(/^Chart outdoor temperatures/, '75 85 95 105');
  await tech.write(/^Chart target subcooling/, '13 12 11 10');
  await tech.touch(/^Save/);
  await tech.touch(/^evaporating/);
  await tech.choose('R-410A');
  for (const figure of ['128', '370', '96', '95', '76', '56']) await tech.figure(figure);
  await tech.verdict(/^Sound \(\d\d% likely, 5 gaps read\)/);
  await tech.handOver('Checked and measured; nothing was changed.');
});

visitKind(5, 'loaded filters and choked grilles', { first: 13, end: 23 }, async (tech) => {
  await tech.said('weak at one register');
  await tech.cautions();
  await tech.unit({ kind: 'Air handler', motor: /^Two brown capacitor leads/, tons: '3' });
  await tech.go('Pressure');
  await tech.statics('R2', '.46', '.21');
  await tech.verdict('0.67');
  await tech.go('Inspect');
  await tech.choose('loaded', 'Filter');
  await tech.choose('some closed', 'Dampers and registers');
  await tech.go('Findings');
  await tech.touch(/^Filter: loaded: fixed/);
  await tech.go('Pressure');
  await tech.statics('R2', '.24');
  await tech.handOver(/filter/i);
});

visitKind(6, 'airflow by heat rise', { first: 19, end: 21 }, async (tech) => {
  await tech.said('blows warm');
  await tech.cautions();
  await tech.unit({ kind: 'Air handler', equipment: 'Electric heat', tons: '3' });
  await tech.go('Airflow');
  await tech.touch(/^Electric heat rise/);
  await tech.touch(/^Entering air/);
  await tech.figure('70');
  await tech.figure('101');
  await tech.read(/^Heater volts/, '238');
  await tech.read(/^Element amps/, '41.2');
  await tech.touch(/^Save /);
  await tech.verdict(/per ton/);
  await tech.handOver('Air moved');
});

visitKind(12, 'constant airflow set by switches, with dehumidify on', { first: 15, end: 17 }, async (tech) => {
  await tech.said('not cooling');
  await tech.cautions();
  await tech.unit({ kind: 'Air handler', motor: /^Sixteen-pin plug/, tons: '3' });
  await tech.go('Airflow');
  await tech.touch(/^Constant-airflow setting/);
  await tech.choose('on, no sensor', 'Dehumidify switch');
  await tech.read(/^Flashes/, '10');
  await tech.touch(/^Save /);
  await tech.verdict(/± \d/);
  await tech.handOver('Air moved');
});

visitKind(13, 'a start-up with a traverse and charge', { first: 20, end: 39 }, async (tech) => {
  await tech.said('start-up');
  await tech.cautions();
  await tech.unit({ kind: 'Air handler', tons: '3' });
  await tech.go('Airflow');
  await tech.touch(/^Duct traverse/);
  await tech.read(/^Inside width/, '20');
  await tech.read(/^Inside depth/, '10');
  await tech.read(/^Straight duct upstream/, '110');
  await tech.read(/^Straight duct downstream/, '45');
  await tech.points(25, '860');
  await tech.touch(/^Save /);
  await tech.verdict(/per ton/);
  await tech.go('Inspect');
  await tech.choose('none', 'Ice');
  await tech.go('Refrigerant');
  await tech.cautions();
  await tech.read(/^Run it/, '15');
  await tech.touch(/^evaporating/);
  await tech.choose('R-410A');
  for (const figure of ['128', '345', '95', '95', '76', '54']) await tech.figure(figure);
  await tech.verdict(/^Sound \(\d\d% likely/);
  await tech.touch(/^Record work/);
  await tech.choose('weighed in');
  await tech.write(/^From the scale/, '18');
  await tech.touch(/^Save/);
  await tech.handOver('Air moved', /18 oz/);
});
