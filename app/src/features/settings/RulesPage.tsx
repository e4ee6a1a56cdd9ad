import { RULES_FORM, shopRulesFaults, toolText, USUAL_RULES, type RuleId, type ShopRules } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { shop as shopRecord } from '../../data/records';
import { Choice } from '../../ui/form';
import { NumberSheet } from '../../ui/keypad';
import { ListRow, ListSection } from '../../ui/list';
import { Page } from '../../ui/page';
import { Txt } from '../../ui/text';
import { useIsWide } from '../../ui/theme';

const GROUPS: readonly (readonly [title: string, says: string, rules: readonly RuleId[]])[] = [
  ['Airflow', 'Airflow targets.', ['cfmPerTon', 'cfmPerTonHumid', 'cfmPerTonDry', 'bandPercent', 'edgePercent']],
  [
    'Pressure',
    'Used when the nameplate gives no limit.',
    ['assumedMaxTespInWc', 'school', 'returnPercent', 'filterPercent', 'coilPercent', 'supplyPercent', 'filterFaceFpm'],
  ],
  ['Temperature drop', 'How ΔT is judged.', ['dropSchool', 'dropLowF', 'dropHighF']],
  ['Drive and motor', 'Above this it is a finding.', ['slipPercent', 'capacitorPercent']],
  [
    'Method errors',
    'One standard deviation under good conditions. Better methods count more.',
    [
      'blowerTablePercent',
      'electricHeatPercent',
      'gasHeatPercent',
      'traversePercent',
      'flowPlatePercent',
      'registersPercent',
      'requestedFlowPercent',
      'coolingDropPercent',
    ],
  ],
];

function valueWords(id: RuleId, value: number | string): string {
  const field = RULES_FORM.fields[id];
  if (field.kind === 'choice') return field.options.find((option) => option.id === value)?.text ?? String(value);
  return toolText(Number(value), field.unit);
}

/** What the shop judges by: each figure with what it rests on, and the usual one to go back to. */
export function RulesPage() {
  const wide = useIsWide();
  const { records, isError } = shopRecord.useList();
  const [asked, setAsked] = useState<RuleId>();
  const [kept] = records;
  const rules: ShopRules = kept?.record.rules ?? {};
  const set = (id: RuleId, value: number | string | null) => {
    if (!kept) return;
    const name = RULES_FORM.fields[id].label;
    shopRecord.change(kept, { ...kept.record, rules: { ...rules, [id]: value } }, `${name} changed.`);
  };
  const field = asked && RULES_FORM.fields[asked];
  return (
    <Page title="Targets and limits" under="Used by every verdict" back="/settings" broad>
      <View style={{ paddingHorizontal: 16, gap: 22 }}>
        {!kept && (
          <Txt color="softInk">
            {isError ? 'Shop targets have not loaded yet. Defaults are used.' : 'Loading targets…'}
          </Txt>
        )}
        <View style={wide ? { flexDirection: 'row', flexWrap: 'wrap', columnGap: 40, rowGap: 22 } : { gap: 22 }}>
          {GROUPS.map(([title, says, ids]) => (
            <View key={title} style={wide ? { width: 500 } : undefined}>
              <ListSection title={title}>
                <Txt size={14} color="softInk" style={{ paddingBottom: 6 }}>
                  {says}
                </Txt>
                {ids.map((id) => (
                  <Rule key={id} id={id} set={rules[id]} onAsk={setAsked} onChoose={set} />
                ))}
              </ListSection>
            </View>
          ))}
        </View>
      </View>
      <NumberSheet
        asked={
          asked && field?.kind === 'number'
            ? {
                label: field.label,
                unit: field.unit,
                min: field.min,
                max: field.max,
                value: Number(rules[asked] ?? USUAL_RULES[asked].value),
                hint: `Default: ${valueWords(asked, USUAL_RULES[asked].value)}. ${USUAL_RULES[asked].source}`,
              }
            : undefined
        }
        sideWords="usual"
        wrong={(value) => asked && shopRulesFaults({ ...rules, [asked]: value })[0]?.message}
        onKeep={(value) => {
          if (asked) set(asked, value);
          setAsked(undefined);
        }}
        onClose={() => setAsked(undefined)}
      />
    </Page>
  );
}

interface RuleProps {
  readonly id: RuleId;
  readonly set: number | string | null | undefined;
  readonly onAsk: (id: RuleId) => void;
  readonly onChoose: (id: RuleId, value: string | null) => void;
}

function Rule({ id, set, onAsk, onChoose }: RuleProps) {
  const field = RULES_FORM.fields[id];
  const usual = USUAL_RULES[id];
  const own = set !== null && set !== undefined && set !== usual.value;
  if (field.kind === 'choice')
    return (
      <View style={{ gap: 6, paddingVertical: 8 }}>
        <Txt>{field.label}</Txt>
        <Choice
          label={field.label}
          options={field.options}
          chosen={String(set ?? usual.value)}
          onChoose={(value) => onChoose(id, value === usual.value ? null : value)}
        />
      </View>
    );
  return (
    <ListRow
      name={field.label}
      says={valueWords(id, set ?? usual.value)}
      figure
      under={own ? `shop setting; default ${valueWords(id, usual.value)}` : usual.source}
      onPress={() => onAsk(id)}
    />
  );
}
