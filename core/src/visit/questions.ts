import type { Judgement } from '../judge';
import type { PressureReading } from '../readings';
import type { Layout, PortId } from '../system';
import { staticText } from '../words';

/** Something that looks wrong: asked, never refused. */
export interface Question {
  readonly id: string;
  readonly sentence: string;
}

/**
 * Nonsense in the statics that count: pressure that rises along a duct, a side with the other side's sign, two ports alike,
 * the fan between them doing nothing, and a very low TESP together with low air.
 */
export function pressureQuestions(
  layout: Layout,
  counted: ReadonlyMap<PortId, PressureReading>,
  judgement: Judgement,
): Question[] {
  const found: Question[] = [];
  const ask = (id: string, sentence: string) => found.push({ id, sentence });
  for (const { id, side } of layout.ports) {
    const p = counted.get(id)?.staticInWc;
    if (p === undefined) continue;
    if (side === 'return' && p > 0)
      ask(`sign ${id}`, `${id} reads ${staticText(p)}, but the return side pulls. Supply port, or hoses swapped?`);
    if (side === 'supply' && p < 0)
      ask(
        `sign ${id}`,
        `${id} reads ${staticText(p)}, but the supply side pushes. Hoses swapped, or the wheel turning backwards?`,
      );
  }
  layout.ports.slice(1).forEach((to, i) => {
    const from = layout.ports[i]!;
    const a = counted.get(from.id)?.staticInWc;
    const b = counted.get(to.id)?.staticInWc;
    if (a === undefined || b === undefined || from.side !== to.side) return;
    if (b > a + 0.005)
      ask(
        `rise ${to.id}`,
        `Pressure rises from ${from.id} (${staticText(a)}) to ${to.id} (${staticText(b)}), where it must fall. Ports mixed up, or a tip turned away from the flow?`,
      );
  });
  const inlet = layout.inletPort && counted.get(layout.inletPort)?.staticInWc;
  const outlet = counted.get(layout.outletPort)?.staticInWc;
  if (inlet !== undefined && outlet !== undefined && outlet <= inlet) {
    ask(
      'lift',
      `${layout.outletPort} is not above ${layout.inletPort}: is the blower running, and are the ports the right way round?`,
    );
  }
  const { tespInWc, maxTesp, target, flowCfm } = judgement;
  if (tespInWc !== undefined && tespInWc > 0 && tespInWc < 0.2 * maxTesp.value) {
    const low = flowCfm !== undefined && target !== undefined && flowCfm < target.lowCfm;
    ask(
      'lowStatic',
      low
        ? 'Low static and low air together: a caked wheel, a slipping belt, a slow motor or a backwards wheel, not the ducts.'
        : 'Very low static is not good news by itself: an open duct, a missing filter or a dead fan reads like this.',
    );
  }
  return found;
}
