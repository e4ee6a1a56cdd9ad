import { assessVisit, DEFAULT_RULES, layoutOf, type PortId, type PressureReading } from '@huff/core';
import { useEffect, useState } from 'react';
import { AppRegistry } from 'react-native';
import { Airway } from '../../app/src/ui/airway';

declare global {
  interface Window {
    /** ms between the frames of the run, once it is over. */
    huffFrames?: number[];
  }
}

const FRAMES = 180;
const unit = { layout: 'furnaceCasedCoil', filterPlace: 'both', motor: 'psc', tons: 3, maxTespInWc: 0.5 } as const;
const layout = layoutOf(unit);
const BASE: Partial<Record<PortId, number>> = { R0: -0.06, R1: -0.12, R2: -0.2, S1: 0.3, S2: 0.14 };

/** The largest layout with every port read, one of which changes with each frame as a live probe would. */
function Live() {
  const [frame, setFrame] = useState(0);
  useEffect(() => {
    let last = performance.now();
    const frames: number[] = [];
    const next = (now: number) => {
      frames.push(now - last);
      last = now;
      setFrame(frames.length);
      if (frames.length < FRAMES) requestAnimationFrame(next);
      else window.huffFrames = frames.slice(30);
    };
    requestAnimationFrame(next);
  }, []);
  const readings = layout.ports.map(({ id }): PressureReading => {
    const live = id === 'S1' ? 0.02 * Math.sin(frame / 7) : 0;
    const conditions = { door: 'on', filter: 'in', coil: 'wet' } as const;
    return { id, port: id, staticInWc: (BASE[id] ?? 0) + live, conditions };
  });
  const { sections, tespInWc } = assessVisit({ unit, mode: 'cooling', readings, facts: [] }, DEFAULT_RULES).judgement;
  const pressures = new Map(readings.map((r) => [r.port, r.staticInWc]));
  return <Airway layout={layout} sections={sections} pressures={pressures} width={358} liftInWc={tespInWc} />;
}

AppRegistry.registerComponent('live', () => Live);
AppRegistry.runApplication('live', { rootTag: document.getElementById('root') as never });
