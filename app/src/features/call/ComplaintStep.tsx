import { withCheck } from '../visitState/withCheck';
import { checkPoint, COMPLAINTS } from '@huff/core/call';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Choice } from '../../ui/form';
import { ActionButton, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { StepProps } from '../visitState/station';
import { OtherVisits } from '../otherVisits/OtherVisits';
import { CallFoot } from './CallFoot';
import { Cautions } from './Cautions';
import { FoundList } from './FindingsStep';
import { useCall } from './useCall';
import { withComplaint } from './withComplaint';
import { useWholeVisit } from '../visitState/WholeVisit';

/** What was said, and the way it sets: the run, the first three steps with their reasons, what to mind. */
export function ComplaintStep({ assessment, acts, frame }: StepProps) {
  const { whole, setWhole } = useWholeVisit();
  const palette = usePalette();
  const call = useCall(whole, assessment);
  const { complaint, checks, unread } = call;
  const say = (point: string, state: string) => setWhole(withCheck(whole, { point, state }));
  const [changing, setChanging] = useState(false);
  const [first] = complaint?.firstSteps ?? [];
  return frame({
    main: (
      <View style={{ gap: 18 }}>
        <View style={{ gap: 8 }}>
          <Heading size={19}>Complaint</Heading>
          {!complaint && (
            <Txt size={15} color="softInk">
              It sets the steps of this visit and where to start. You can change it any time.
            </Txt>
          )}
          {complaint && !changing ? (
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
              <Txt size={24} bold style={{ flex: 1 }}>
                {`“${complaint.words}”`}
              </Txt>
              <TextButton onPress={() => setChanging(true)}>Change</TextButton>
            </View>
          ) : (
            <Choice
              label="Complaint"
              options={COMPLAINTS.map(({ id, words }) => ({ id, text: words }))}
              chosen={complaint?.id ?? null}
              onChoose={(id) => {
                setWhole(withComplaint(whole, id));
                setChanging(false);
              }}
            />
          )}
        </View>
        {complaint && (
          <>
            <Cautions unread={unread(complaint.cautions)} />
            <View>
              <Heading size={19} style={{ paddingBottom: 6 }}>
                First
              </Heading>
              {complaint.firstSteps.map(({ words, why, station }, i) => (
                <Pressable
                  key={words}
                  role="button"
                  aria-label={`${i + 1}. ${words}. ${why}`}
                  onPress={() => acts.goTo(station)}
                  style={{
                    flexDirection: 'row',
                    gap: 14,
                    paddingVertical: 10,
                    borderTopWidth: 1,
                    borderColor: palette.line,
                    minHeight: 60,
                  }}
                >
                  <Txt size={28} bold figures style={{ width: 22 }}>
                    {i + 1}
                  </Txt>
                  <View style={{ flex: 1, gap: 2 }}>
                    <Txt bold size={17}>
                      {words}
                    </Txt>
                    <Txt size={15} color="softInk">
                      {why}
                    </Txt>
                  </View>
                </Pressable>
              ))}
            </View>
          </>
        )}
        <View style={{ gap: 8 }}>
          <Heading size={17}>Replaced here before</Heading>
          <Choice
            label="Replaced here before"
            options={(checkPoint('replacedBefore')?.states ?? []).map(({ id, text }) => ({ id, text }))}
            chosen={checks.get('replacedBefore')?.state ?? null}
            onChoose={(id) => say('replacedBefore', id)}
          />
        </View>
        <OtherVisits visit={whole} />
      </View>
    ),
    side: <FoundList triage={call.triage} />,
    foot: first ? (
      <CallFoot>
        <ActionButton onPress={() => acts.goTo(first.station)}>{first.words}</ActionButton>
      </CallFoot>
    ) : null,
  });
}
