import type { ShopDto } from '@huff/contract/fix';
import { driveInputs, turnsOpenText, type BeltDrive, type ChosenMove } from '@huff/core';
import type { PlanRequest } from '@huff/core/fix';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { DriveDrawing } from '../../ui/driveDrawing';
import { ActionButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { Frame } from '../visitState/frame';
import { minutesText, moneyText } from '../../ui/text/effortText';
import { SettingRows } from './SettingRows';
import { Solutions } from './Solutions';
import { TurnsStepper } from './TurnsStepper';
import { useDriveBench, type DriveBench } from './useDriveBench';

interface DriveBenchViewProps {
  readonly request: PlanRequest;
  readonly drive: BeltDrive;
  readonly shop: ShopDto;
  readonly onUse: (move: ChosenMove, needsHp: number | undefined) => void;
  readonly onEdit: () => void;
}

/** The Drive bench as it stands beside a wide page: its action under the drawing, where it is in sight. */
export function DriveBenchView(props: DriveBenchViewProps) {
  const bench = useDriveBench(props.request, props.drive);
  return <BenchMain {...props} bench={bench} action={<UseSetting {...props} bench={bench} />} />;
}

/** The Drive bench as a page of its own: the action stays in reach. */
export function DriveBenchPlace({
  head,
  frame,
  ...props
}: DriveBenchViewProps & { readonly head: ReactNode; readonly frame: Frame }) {
  const bench = useDriveBench(props.request, props.drive);
  return frame({
    main: (
      <View style={{ gap: 12 }}>
        {head}
        <BenchMain {...props} bench={bench} />
      </View>
    ),
    side: null,
    foot: (
      <View style={{ paddingHorizontal: 16, paddingVertical: 10 }}>
        <UseSetting {...props} bench={bench} />
      </View>
    ),
  });
}

type WithBench = DriveBenchViewProps & { readonly bench: DriveBench };

/** The drive to scale with its present setting behind, what the setting does, and the ways that land in the band. */
function BenchMain({
  request,
  drive,
  shop,
  onEdit,
  bench,
  action,
}: WithBench & { /** The way on, where it does not stand in the foot of the page. */ readonly action?: ReactNode }) {
  const { answer, shown, pose, adjustable } = bench;
  return (
    <View style={{ gap: 12 }}>
      {answer.reasons.map((reason) => (
        <Reason key={reason}>{reason}</Reason>
      ))}
      {pose.now && (
        <View>
          <DriveDrawing
            now={pose.now}
            asFound={pose.asFound}
            motorWords={adjustable ? 'motor, adjustable' : 'motor, fixed'}
            wrapDeg={pose.wrapDeg}
          />
          <Txt size={14} color="softInk" align="right">
            dashed: as found · drawn to scale
          </Txt>
        </View>
      )}
      {adjustable && <TurnsStepper bench={bench} drive={drive} />}
      {action}
      {shown ? (
        <SettingRows shown={shown} answer={answer} request={request} />
      ) : (
        <Reason>
          No available belt fits this setting within the base travel, or its RPM is off the blower table. Try another
          setting.
        </Reason>
      )}
      {answer.solutions.length > 0 && (
        <View>
          <Heading size={17}>Settings that hit the target</Heading>
          <Solutions bench={bench} shop={shop} />
        </View>
      )}
      <Pressable role="button" onPress={onEdit} style={{ minHeight: 48, justifyContent: 'center' }}>
        <Txt bold color="action">
          Installed sheaves, belt, base
        </Txt>
      </Pressable>
    </View>
  );
}

/** Takes the setting that is looked at into the plan. */
function UseSetting({ shop, onUse, bench: { shown, adjustable, turnsOpen } }: WithBench) {
  if (!shown) return null;
  const asFound = shown.option.rank === 'asFound';
  return (
    <ActionButton
      disabled={asFound}
      quiet={asFound}
      onPress={() => onUse({ id: 'setDrive', inputs: driveInputs(shown.option.drive) }, shown.needsHp)}
      aside={
        asFound ? undefined : `${minutesText(shown.option.minutes)} · ${moneyText(shown.option.cost, shop.currency)}`
      }
    >
      {asFound ? 'Set as found' : `Use ${adjustable ? turnsOpenText(turnsOpen) : 'this setting'}`}
    </ActionButton>
  );
}

function Reason({ children }: { readonly children: ReactNode }) {
  const palette = usePalette();
  return (
    <View role="status" style={{ backgroundColor: palette.edge, borderRadius: 6, padding: 12 }}>
      <Txt size={15} figures>
        {children}
      </Txt>
    </View>
  );
}
