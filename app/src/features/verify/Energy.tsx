import { shopEnergy, type ShopDto } from '@huff/contract/fix';
import { toolFigure, yearlyEnergy } from '@huff/core';
import { View } from 'react-native';
import { Heading, Txt } from '../../ui/text';
import { moneyText } from '../../ui/text/effortText';
import type { ProofOfVisit } from './useProof';

/** What the change saves or spends a year. */
export function Energy({ proven, shop }: { readonly proven: ProofOfVisit; readonly shop: ShopDto }) {
  const watts = proven.proof.lines.find((line) => line.id === 'watts');
  const after = watts?.after ?? watts?.promised;
  if (watts?.before === undefined || after === undefined) return null;
  const rules = shopEnergy(shop);
  const { kwh, money } = yearlyEnergy(after - watts.before, rules);
  const saves = kwh < 0;
  const amount = `${toolFigure(Math.abs(kwh), 'count')} kWh`;
  return (
    <View style={{ gap: 2 }}>
      <Heading size={16}>Energy a year</Heading>
      <Txt figures>
        {saves ? 'Saves' : 'Uses'} {amount}
        {money === undefined ? '' : `, ${moneyText(Math.abs(money), shop.currency)}`} at{' '}
        {toolFigure(rules.hoursAYear, 'count')} hours.
      </Txt>
      <Txt size={14} color="softInk">
        Power after is {watts.after === undefined ? 'predicted' : 'measured'}.{' '}
        {money === undefined ? 'Electricity price is missing. Set it under Settings.' : ''}
      </Txt>
    </View>
  );
}
