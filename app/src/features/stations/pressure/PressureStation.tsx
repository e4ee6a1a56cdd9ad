import type { VisitDto } from '@huff/contract';
import { FILTER_TELLS, percentText, staticText, type PortId, type Verdict, stagesText } from '@huff/core';
import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Airway } from '../../../ui/airway';
import { VerdictMark } from '../../../ui/marks';
import { Heading, Txt } from '../../../ui/text';
import { usePalette } from '../../../ui/theme';
import { InstrumentsLine } from '../../instruments/InstrumentsLine';
import { LiveAtPort } from '../../instruments/LiveAtPort';
import { OpenQuestions } from '../../visitState/OpenQuestions';
import type { Assessment } from '../../visitState/useAssessment';
import { DRILL_CARE } from './drillCare';
import { TotalStatic } from './TotalStatic';

interface PressureStationProps {
  readonly assessment: Assessment;
  readonly visit: VisitDto;
  readonly width: number;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onPort: (port: PortId, filterOut?: boolean) => void;
  readonly onWorking: (title: string, verdict: Verdict) => void;
}

/** What is drawn beside a port: the live value of its probe. */
const besidePort = (port: PortId) => <LiveAtPort port={port} />;

/** The Airway with its ports, what looks odd, where the pressure goes, and the filter-out retest. */
export function PressureStation({ visit, assessment, width, onVisit, onPort, onWorking }: PressureStationProps) {
  const palette = usePalette();
  const { judgement, layout, next, pressures, questions, ductBudget, filterFace, retest, flow } = assessment;
  const nextPort = next?.kind === 'port' && !next.filterOut ? next.port : undefined;
  const boundary = [layout.inletPort, layout.outletPort].filter((port) => port !== undefined);
  const measured = boundary.every((port) => assessment.counted.has(port));
  return (
    <View style={{ gap: 16 }}>
      <OpenQuestions visit={visit} questions={questions} onVisit={onVisit} />
      <Airway
        layout={layout}
        sections={judgement.sections}
        pressures={pressures}
        width={width}
        next={nextPort}
        liftInWc={judgement.tespInWc}
        onPort={onPort}
        beside={besidePort}
        onWorking={(section) => onWorking(stagesText(section.stages), section.verdict)}
      />
      <InstrumentsLine visit={visit} assessment={assessment} onVisit={onVisit} />
      <TotalStatic visit={visit} assessment={assessment} onVisit={onVisit} />
      {ductBudget && (
        <View style={{ gap: 4, borderTopWidth: 1, borderColor: palette.line, paddingTop: 10 }}>
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
            <Heading size={16} style={{ flex: 1 }}>
              Static left for ducts
            </Heading>
            {ductBudget.leftInWc > 0 && (
              <Txt size={18} bold figures>
                {staticText(ductBudget.leftInWc)}
              </Txt>
            )}
            <VerdictMark word={ductBudget.word} />
          </View>
          <Txt size={15} figures>
            {ductBudget.sentence}
          </Txt>
        </View>
      )}
      {measured && boundary.length === 2 && (
        <View style={{ gap: 6, borderTopWidth: 1, borderColor: palette.line, paddingTop: 10 }}>
          <Heading size={16}>Filter-out retest</Heading>
          <Txt size={15} figures>
            {retest ? retest.sentence : FILTER_TELLS}
          </Txt>
          {retest?.filterDropInWc !== undefined && (
            <Txt size={15} color="softInk" figures>
              {percentText(retest.filterDropInWc / judgement.maxTesp.value)} of nameplate static; budget 20 %.
            </Txt>
          )}
          <View style={{ flexDirection: 'row', gap: 8 }}>
            {boundary.map((port) => (
              <Pressable
                key={port}
                role="button"
                aria-label={`Filter out, read ${port}`}
                onPress={() => onPort(port, true)}
                style={{
                  minHeight: 48,
                  flex: 1,
                  borderRadius: 6,
                  borderWidth: 1.5,
                  borderColor: palette.ink,
                  alignItems: 'center',
                  justifyContent: 'center',
                }}
              >
                <Txt size={15} bold>
                  Filter out, {port}
                </Txt>
              </Pressable>
            ))}
          </View>
        </View>
      )}
      {filterFace ? (
        <Pressable
          role="button"
          aria-label={`Filter face: ${filterFace.sentence} Show the working`}
          onPress={() => onWorking('Filter face', filterFace)}
          style={{ gap: 4, borderTopWidth: 1, borderColor: palette.line, paddingTop: 10 }}
        >
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
            <Heading size={16} style={{ flex: 1 }}>
              Filter face
            </Heading>
            <VerdictMark word={filterFace.word} />
          </View>
          <Txt size={15} figures>
            {filterFace.sentence}
          </Txt>
        </Pressable>
      ) : (
        flow !== undefined && (
          <Link href={`/calculators/filterSizing?flowCfm=${Math.round(flow.flowCfm)}`} style={{ paddingVertical: 12 }}>
            <Txt size={15} bold color="action">
              Size a filter
            </Txt>
          </Link>
        )
      )}
      {visit.readings.length === 0 && (
        <Txt size={14} color="softInk">
          {`Touch a test port on the drawing to enter its reading. ${DRILL_CARE}`}
        </Txt>
      )}
    </View>
  );
}
