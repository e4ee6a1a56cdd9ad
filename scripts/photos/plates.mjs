// Made-up nameplates: what is on them as the reader should have it, and how it is printed; of no manufacturer.

const LETTERS = 'ABCDEFGHJKLMNPRSTUVWXYZ';

/** A nameplate: its lines, and the truth of each field. */
export function drawPlate(random) {
  const letter = () => random.pick([...LETTERS]);
  const digits = (n) => Array.from({ length: n }, () => random.below(10)).join('');
  const between = (least, most, step = 1) => least + step * random.below(Math.floor((most - least) / step) + 1);
  const truth = {};
  const lines = [];
  const add = (id, value, ...forms) => {
    truth[id] = value;
    lines.push(random.pick(forms));
  };
  const model = `${letter()}${letter()}${random.pick(['018', '024', '030', '036', '042', '048', '060'])}${letter()}${digits(2)}-${digits(1)}${letter()}`;
  add('model', model, `MODEL NO. ${model}`, `MODEL: ${model}`, `M/N ${model}`);
  const serial = `${digits(4)}${letter()}${digits(5)}`;
  add('serial', serial, `SERIAL NO. ${serial}`, `SERIAL: ${serial}`, `S/N ${serial}`);
  const year = String(between(2012, 2030));
  const month = String(between(1, 12)).padStart(2, '0');
  add('year', year, `MFG DATE ${month}/${year}`, `MANUFACTURED ${month}-${year}`);
  const three = random.chance(0.25);
  const [low, high] = random.pick(
    three
      ? [
          ['208', '230'],
          ['', '460'],
        ]
      : [
          ['208', '230'],
          ['', '115'],
          ['', '240'],
        ],
  );
  const volts = low ? `${low}/${high}` : high;
  add('volts', high, `VOLTS ${volts}`, `${volts} V`, `${volts} VAC`);
  add('phases', three ? 'three' : 'one', `PH ${three ? 3 : 1}  HZ 60`, `PHASE: ${three ? 3 : 1}`);
  const fla = (between(20, 90) / 10).toFixed(1);
  if (random.chance(0.8)) add('fullLoadAmps', String(Number(fla)), `FLA ${fla}`, `F.L.A. ${fla}`);
  if (random.chance(0.7)) {
    const mca = (Number(fla) * 1.25 + between(20, 120) / 10).toFixed(1);
    add('minCircuitAmps', String(Number(mca)), `MCA ${mca}`, `MIN. CIRCUIT AMPS ${mca}`);
    const breaker = random.pick([30, 35, 40, 45, 50]);
    add('breakerAmps', String(breaker), `MOCP ${breaker}`, `MAX FUSE ${breaker}`, `MAX. BREAKER ${breaker}`);
  }
  if (random.chance(0.7)) {
    const [text, value] = random.pick([
      ['1/3', '0.33'],
      ['1/2', '0.5'],
      ['3/4', '0.75'],
      ['1', '1'],
    ]);
    const rpm = random.pick([825, 1050, 1075, 1140, 1725]);
    add('horsepower', value, `HP ${text}`, `${text} HP`);
    add('rpm', String(rpm), `RPM ${rpm}`, `${rpm} RPM`);
  }
  if (random.chance(0.5)) {
    const cap = random.pick(['5', '7.5', '10', '35/5', '45/5', '40/7.5']);
    add('microfarads', cap, `CAPACITOR ${cap} MFD 370V`, `${cap} UF 440 VAC`);
  }
  const most = random.pick(['0.50', '0.80', '1.00', '0.60']);
  if (random.chance(0.8))
    add(
      'maxTespInWc',
      String(Number(most)),
      `MAX EXT STATIC ${most} IN. W.C.`,
      `MAX. EXTERNAL STATIC PRESSURE ${most}`,
    );
  if (random.chance(0.5)) {
    const rise = random.pick(['35-65', '30-60', '40-70', '25-55']);
    add('riseF', rise, `TEMP RISE ${rise} F`, `AIR TEMPERATURE RISE: ${rise.replace('-', ' - ')} F`);
    const input = between(40, 120, 20);
    add('inputBtuh', `${input}000`, `INPUT ${input},000 BTU/H`, `INPUT: ${input}000 BTUH`);
    add(
      'outputBtuh',
      String(input * 800),
      `OUTPUT ${String(input * 0.8).split('.')[0]},${String(input * 800).slice(-3)} BTU/H`,
    );
  } else if (random.chance(0.6)) {
    const kw = random.pick(['5', '7.5', '8', '10', '15', '20']);
    add('heaterKw', kw, `HEATER ${kw} KW`, `HEAT KIT ${kw} kW`);
  }
  if (random.chance(0.6)) {
    const refrigerant = random.pick(['410A', '22', '32', '454B']);
    add('refrigerant', `R-${refrigerant}`, `REFRIGERANT R-${refrigerant}`, `R${refrigerant} FACTORY CHARGED`);
    const [lb, oz] = [between(3, 14), between(0, 15)];
    add(
      'chargeLb',
      String(Number((lb + oz / 16).toFixed(2))),
      `CHARGE ${lb} LB ${oz} OZ`,
      `FACTORY CHARGE: ${lb} LBS ${oz} OZ`,
    );
  }
  return { title: random.pick(['AIR HANDLER', 'INDOOR UNIT', 'COMFORT SYSTEM', 'UNIT DATA']), lines, truth };
}
