import { SI_MEASURES, US_MEASURES, shownUnit, type Measures } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useMeasures } from '../../data/measures';
import { Choice } from '../../ui/form';
import { ListRow } from '../../ui/list';
import { TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';

/** Each quantity with the units to choose from. */
const CHOICES: readonly {
  readonly [K in keyof Measures]: { key: K; name: string; options: readonly { id: Measures[K]; text: string }[] };
}[keyof Measures][] = [
  {
    key: 'static',
    name: 'Static pressure',
    options: [
      { id: 'inWc', text: 'in. w.c.' },
      { id: 'pa', text: 'Pa' },
    ],
  },
  {
    key: 'flow',
    name: 'Airflow',
    options: [
      { id: 'cfm', text: 'CFM' },
      { id: 'ls', text: 'L/s' },
      { id: 'm3h', text: 'm³/h' },
    ],
  },
  {
    key: 'temperature',
    name: 'Temperature',
    options: [
      { id: 'f', text: '°F' },
      { id: 'c', text: '°C' },
    ],
  },
  {
    key: 'length',
    name: 'Sizes',
    options: [
      { id: 'in', text: 'in.' },
      { id: 'mm', text: 'mm' },
    ],
  },
  {
    key: 'distance',
    name: 'Distances',
    options: [
      { id: 'ft', text: 'ft' },
      { id: 'm', text: 'm' },
    ],
  },
  {
    key: 'heat',
    name: 'Heat',
    options: [
      { id: 'btuH', text: 'Btu/h' },
      { id: 'kw', text: 'kW' },
    ],
  },
];

/** What this person reads and types; of this phone, not of the shop. */
export function MeasuresRow() {
  const { measures, choose } = useMeasures();
  const [open, setOpen] = useState(false);
  const says = [shownUnit('inWc'), shownUnit('cfm'), shownUnit('degF')].map((unit) => unit.text).join(' · ');
  return (
    <>
      <ListRow name="Units" under="yours, on this phone" says={says} onPress={() => setOpen(true)} />
      <Sheet open={open} onClose={() => setOpen(false)} title="Units">
        <View style={{ gap: 12 }}>
          <View style={{ flexDirection: 'row', gap: 24 }}>
            <TextButton onPress={() => choose(US_MEASURES)}>Use US units</TextButton>
            <TextButton onPress={() => choose(SI_MEASURES)}>Use SI units</TextButton>
          </View>
          {CHOICES.map(({ key, name, options }) => (
            <View key={key} style={{ gap: 6 }}>
              <Txt size={14} color="softInk">
                {name}
              </Txt>
              <Choice<string>
                label={name}
                options={options}
                chosen={measures[key]}
                onChoose={(id) => choose({ ...measures, [key]: id })}
              />
            </View>
          ))}
        </View>
      </Sheet>
    </>
  );
}
