import {
  toolUnitText,
  toolFigure,
  traverseDuct,
  traversePlan,
  type FieldError,
  type FieldSet,
  type ToolField,
} from '@huff/core';
import { memo, type ComponentProps } from 'react';
import { useController, useWatch, type Control, type FieldValues } from 'react-hook-form';
import { TextInput as NativeTextInput, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { Choice } from '../../ui/form';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { TraverseDrawing } from '../../ui/traverse';
import { fromListText, rawOf, type ToolTexts } from './toolText';

interface ToolFormProps {
  /** A tool, or any other set of fields. */
  readonly tool: FieldSet & { readonly id?: string };
  readonly control: Control<ToolTexts>;
  readonly errors: readonly FieldError[];
  /** Fields that were left or sent: only these show what is missing. */
  readonly shown: (id: string) => boolean;
  readonly onLeave: (id: string) => void;
  /** The drawing stands beside the form. */
  readonly drawnBeside?: boolean;
  /** Fields that the visit fills in and that are not asked here. */
  readonly known?: readonly string[];
}

/** The fields of a tool, each with its unit, its hint and what is wrong with it. */
export function ToolForm({ tool, control, errors, shown, onLeave, drawnBeside, known = [] }: ToolFormProps) {
  const texts = useWatch({ control });
  const raw = rawOf(tool, texts as ToolTexts);
  const hidden = new Set([...(tool.hides?.(raw) ?? []), ...known]);
  const entries = Object.entries(tool.fields).filter(([id]) => !hidden.has(id));
  return (
    <View style={{ gap: 2 }}>
      {entries.map(([id, field]) => {
        const error = shown(id) ? errors.find((e) => e.field === id)?.message : undefined;
        return (
          <View key={id}>
            {!drawnBeside && tool.id === 'traverse' && id === 'readings' && <TraversePlanOf raw={raw} />}
            <Field id={id} field={field} control={control} error={error} onLeave={onLeave} />
          </View>
        );
      })}
    </View>
  );
}

/** The drawing of a traverse's points, once the duct is known. */
export function TraversePlanOf({ raw }: { readonly raw: FieldValues }) {
  const duct = traverseDuct(raw);
  if (!duct) return null;
  const list = Array.isArray(raw.readings) ? raw.readings.length : 0;
  return (
    <TraverseDrawing duct={duct} plan={traversePlan(duct, raw.plan === 'sweep' ? 'sweep' : 'points')} done={list} />
  );
}

type FieldOf<Kind extends ToolField['kind']> = FieldProps & { readonly field: Extract<ToolField, { kind: Kind }> };

interface FieldProps {
  readonly id: string;
  readonly field: ToolField;
  readonly control: Control<ToolTexts>;
  readonly error?: string;
  readonly onLeave: (id: string) => void;
}

/** A list of no more than these stands on one line. */
const FEW = 6;

/** Drawn anew only when its own text or error changes: a key in one field must not draw the others. */
const Field = memo(function Field(props: FieldProps) {
  return props.field.kind === 'choice' ? (
    <ChoiceField {...props} field={props.field} />
  ) : (
    <TypedField {...props} field={props.field} />
  );
});

function ChoiceField({ id, field, control }: FieldOf<'choice'>) {
  const { value, onChange } = useController({ control, name: id }).field;
  return (
    <View style={{ gap: 6, paddingVertical: 6 }}>
      <Txt size={14} color="softInk">
        {field.label}
      </Txt>
      <Choice label={field.label} options={field.options} chosen={value || field.options[0]!.id} onChoose={onChange} />
    </View>
  );
}

/** Its frame, label and hint are drawn anew only when it becomes empty or full, or a list grows: not at each key. */
function TypedField({ id, field, control, error, onLeave }: FieldOf<'number' | 'list' | 'text'>) {
  const palette = usePalette();
  const list = field.kind === 'list';
  const typed = useWatch({
    control,
    name: id,
    compute: (text?: string) => ((text ?? '') === '' ? 0 : list ? fromListText(text!).length : 1),
  });
  const empty = useWatch({ control, name: id, compute: (text?: string) => (text ?? '') === '' });
  const unit = field.kind === 'text' ? '' : toolUnitText(field.unit);
  const many = list && field.most > FEW;
  const optional = field.optional ? ', if known' : '';
  const label = `${field.label}${unit === '' ? '' : `, ${unit}`}${optional}`;
  const assumed = field.kind === 'number' && field.assumed !== undefined && empty;
  const hint = [
    assumed && field.kind === 'number' ? `${toolFigure(field.assumed, field.unit)} assumed.` : null,
    list && !empty ? `${typed} typed.` : null,
    field.hint,
  ]
    .filter(Boolean)
    .join(' ');
  return (
    <View>
      <TextInput
        mode="outlined"
        label={label}
        accessibilityLabel={label}
        // The frame needs to know only whether there is a text; the text itself is Typed's.
        value={empty ? '' : '0'}
        render={(props) => <Typed {...props} id={id} control={control} />}
        onBlur={() => onLeave(id)}
        error={error !== undefined}
        inputMode={list || field.kind === 'text' ? 'text' : 'decimal'}
        autoCapitalize="none"
        multiline={many}
        numberOfLines={many ? 3 : 1}
        contentStyle={{ fontVariant: ['tabular-nums'], ...(many ? { minHeight: 84 } : {}) }}
        style={assumed ? { borderStyle: 'dotted' } : undefined}
        outlineColor={palette.softInk}
      />
      {(error !== undefined || hint !== '') && (
        <HelperText type={error ? 'error' : 'info'} visible style={{ fontSize: 14 }}>
          {error ?? hint}
        </HelperText>
      )}
      {error === undefined && hint === '' && <View style={{ height: 8 }} />}
    </View>
  );
}

type TypedProps = ComponentProps<typeof NativeTextInput> & Pick<FieldProps, 'id' | 'control'>;

/** The text within a field's frame: the one part that is drawn at each key. */
function Typed({ id, control, ...props }: TypedProps) {
  const { value, onChange } = useController({ control, name: id }).field;
  return <NativeTextInput {...props} value={value ?? ''} onChangeText={onChange} />;
}
