import { FLOW_METHOD_IDS, type FactKind, type RawInputs, type Rules, type Tool } from '@huff/core';
import { benchTool } from '@huff/core/calculators';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { useRules } from '../../data/useRules';
import { drafts, useDraft } from '../../data/visits';
import { ActionButton, Page, PageFoot } from '../../ui/page';
import { Txt } from '../../ui/text';
import { useIsWide } from '../../ui/theme';
import { withFact } from '../visitState/newFact';
import { ToolAnswerView } from '../tool/ToolAnswerView';
import { ToolForm, TraversePlanOf } from '../tool/ToolForm';
import { rawOf } from '../tool/toolText';
import { useToolForm } from '../tool/useToolForm';
import { addressOf, textsFrom } from './toolAddress';

/** How long typing must rest before the address follows. */
const ADDRESS_AFTER_MS = 300;

const ATTACHABLE: readonly string[] = [...FLOW_METHOD_IDS, 'measuredDrop'];

/** One calculation: its inputs stand in the address, so that it can be shared as it is. */
export function CalculatorPage() {
  const { tool: id, ...query } = useLocalSearchParams<Record<string, string>>();
  const rules = useRules();
  const tool = benchTool(id ?? '');
  if (!tool) {
    return (
      <Page title="No such calculation" back="/calculators">
        <View style={{ padding: 16 }}>
          <Txt>There is no calculation of that name.</Txt>
        </View>
      </Page>
    );
  }
  const typed = Object.fromEntries(Object.entries(rawOf(tool, textsFrom(query))).filter(([, value]) => value !== null));
  return <ToolBody key={tool.id} tool={tool} begin={{ ...shopFigures(tool.id, rules), ...typed }} />;
}

/** What the shop has set for itself of a calculation's figures: they stand there to begin with. */
function shopFigures(tool: string, { sources, capacitorShare, filterFaceFpm }: Rules): RawInputs {
  if (tool === 'runCapacitor' && sources?.capacitorShare) return { tolerancePercent: 100 * capacitorShare };
  if (tool === 'filterSizing' && sources?.filterFaceFpm) return { limitFpm: filterFaceFpm };
  return {};
}

function ToolBody({ tool, begin }: { readonly tool: Tool; readonly begin: RawInputs }) {
  const wide = useIsWide();
  const form = useToolForm(tool, begin);
  const draft = useDraft();
  const address = addressOf(tool.id, form.inputs);
  useEffect(() => {
    if (typeof window === 'undefined') return undefined;
    // The address follows the figures, without a step in the history for each key and after the answer is drawn.
    const later = setTimeout(() => window.history.replaceState(window.history.state, '', address), ADDRESS_AFTER_MS);
    return () => clearTimeout(later);
  }, [address]);
  const attachable = ATTACHABLE.includes(tool.id) && draft;
  const attach = () => {
    form.send();
    if (!draft || !form.outcome.ok) return;
    drafts.change(draft, withFact(draft, tool.id as FactKind, form.inputs, new Date()));
    router.push('/quick');
  };
  const care = tool.care && (
    <Txt size={14} color="softInk">
      {tool.care}
    </Txt>
  );
  const answer = (
    <View style={{ gap: 12, flex: wide ? 1 : undefined }}>
      {wide && tool.id === 'traverse' && <TraversePlanOf raw={form.inputs} />}
      <ToolAnswerView outcome={form.outcome} />
      {form.general && <Txt role="alert">{form.general}</Txt>}
      {wide && care}
    </View>
  );
  const foot = attachable ? (
    <PageFoot broad>
      <ActionButton onPress={attach} aside={draft.title}>
        Add to visit
      </ActionButton>
    </PageFoot>
  ) : undefined;
  return (
    <Page title={tool.name} under={tool.group} back="/calculators" foot={foot} broad>
      <View style={{ paddingHorizontal: 16, gap: wide ? 40 : 14, flexDirection: wide ? 'row' : 'column' }}>
        <View style={{ gap: 10, flex: wide ? 1 : undefined }}>
          <Txt size={15}>{tool.says}</Txt>
          {!wide && care}
          {!wide && answer}
          <ToolForm
            tool={tool}
            control={form.control}
            errors={form.errors}
            shown={form.shown}
            onLeave={form.onLeave}
            drawnBeside={wide}
          />
        </View>
        {wide && answer}
      </View>
    </Page>
  );
}
