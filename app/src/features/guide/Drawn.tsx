import { assess, type VisitDto } from '@huff/contract';
import { airwayDrawing, crossingDrawing } from '@huff/paper';
import { useMemo } from 'react';
import { BlockView } from '../../ui/document';
import { AS_IT_RUNS, onTable, quickCheck, withReading } from '../visitState/newVisit';

const BEGUN = new Date('2026-05-12T10:42:00Z');

/** A visit to draw: an air handler on tap 3, its return read at 0.31, its supply at 0.27. */
function drawnVisit(): VisitDto {
  const table = {
    id: '00000000-0000-4000-8000-000000000001',
    name: 'AH 36',
    motor: 'constantTorque',
    tons: 3,
    staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8],
    taps: [
      { tap: '3', flowsCfm: [1120, 1085, 1049, 1012, 973, 932, 889, 843] },
      { tap: '5', flowsCfm: [1385, 1356, 1326, 1294, 1261, 1227, 1191, 1153] },
    ],
  } as const;
  const begun = { ...onTable(quickCheck(BEGUN), structuredClone(table) as never), tap: '3', maxTespInWc: 0.5 };
  const read = (visit: VisitDto, port: 'R2' | 'S1', staticInWc: number) =>
    withReading(visit, { port, staticInWc, conditions: AS_IT_RUNS, replacesId: null }, BEGUN);
  return read(read(begun, 'R2', -0.31), 'S1', 0.27);
}

/** One of the two main drawings, made from a visit by the same code as in a visit. */
export function Drawn({ what, width }: { readonly what: 'airway' | 'crossing'; readonly width: number }) {
  const drawing = useMemo(() => {
    const assessment = assess(drawnVisit());
    const { model, judgement, layout } = assessment;
    if (what === 'airway')
      return airwayDrawing({ layout, width: width - 16, now: { ...assessment, sections: judgement.sections } });
    const most = judgement.tesp.limit;
    return model && most
      ? crossingDrawing({ now: model.system, maxTesp: { value: most.high, source: most.source }, width: width - 16 })
      : undefined;
  }, [what, width]);
  return drawing ? <BlockView block={{ kind: 'drawing', drawing }} width={width} /> : null;
}
