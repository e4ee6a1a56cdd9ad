import { flowWords } from '@huff/core';
import type { DriveRank, DriveSolution } from '@huff/core/fix';
import type { ShopDto } from '@huff/contract/fix';
import { Pressable, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { minutesText, moneyText } from '../../ui/text/effortText';
import type { DriveBench } from './useDriveBench';

const RANK_TEXT: Readonly<Record<DriveRank, string>> = {
  asFound: 'As found',
  turn: 'Turn the sheave',
  belt: 'Other belt',
  truckSheave: 'From the truck',
  bought: 'Bought parts',
  largerMotor: 'Larger motor',
};

/** The ways that land in the band, least work first. */
export function Solutions({ bench, shop }: { readonly bench: DriveBench; readonly shop: ShopDto }) {
  const palette = usePalette();
  const { answer, shown, look } = bench;
  const same = (a: DriveSolution, b: DriveSolution | undefined) =>
    b !== undefined && JSON.stringify(a.option.drive) === JSON.stringify(b.option.drive);
  return (
    <View role="radiogroup" aria-label="Settings that hit the target" style={{ gap: 0 }}>
      {answer.solutions.map((solution) => {
        const on = same(solution, shown);
        const { operation } = solution.prediction;
        const says = operation.kind === 'crossing' ? `${flowWords(operation.flowCfm)}` : '';
        const effort = `${minutesText(solution.option.minutes)} · ${moneyText(solution.option.cost, shop.currency)}`;
        return (
          <Pressable
            key={solution.option.rank}
            role="radio"
            aria-checked={on}
            aria-label={`${RANK_TEXT[solution.option.rank]}: ${solution.words}. ${says}, ${effort}`}
            onPress={() => look(solution)}
            style={{
              minHeight: 60,
              paddingVertical: 6,
              borderTopWidth: 1,
              borderColor: palette.line,
              flexDirection: 'row',
              alignItems: 'center',
              gap: 12,
            }}
          >
            <View
              style={{
                width: 22,
                height: 22,
                borderRadius: 11,
                borderWidth: 2,
                borderColor: palette.ink,
                alignItems: 'center',
                justifyContent: 'center',
              }}
            >
              {on && <View style={{ width: 12, height: 12, borderRadius: 6, backgroundColor: palette.ink }} />}
            </View>
            <View style={{ flex: 1 }}>
              <Txt bold>
                {RANK_TEXT[solution.option.rank]}
                {solution.needsHp === undefined ? '' : `, ${solution.needsHp} hp`}
              </Txt>
              <Txt size={14} color="softInk" figures>
                {solution.words}
              </Txt>
            </View>
            <View style={{ alignItems: 'flex-end' }}>
              <Txt bold figures>
                {says}
              </Txt>
              <Txt size={14} color="softInk" figures>
                {effort}
              </Txt>
            </View>
          </Pressable>
        );
      })}
    </View>
  );
}
