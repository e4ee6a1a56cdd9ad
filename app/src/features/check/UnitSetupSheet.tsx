import { UnitSetup, type SetupDto, type VisitDto } from '@huff/contract';
import { FILTER_MEDIA, LAYOUT_IDS, LAYOUTS, type FilterPlace } from '@huff/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useEffect } from 'react';
import { Controller, useForm, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { Choice } from '../../ui/form';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Heading, Txt } from '../../ui/text';

interface UnitSetupSheetProps {
  readonly open: boolean;
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onClose: () => void;
}

type FieldName = keyof UnitSetup;
/** The form's fields hold text as it was typed; the resolver checks it and gives numbers. */
type SetupText = Record<FieldName, string>;

const textOf = (value: number | null | undefined) => (value === null || value === undefined ? '' : String(value));

function textsOf(visit: VisitDto): SetupText {
  const { setup } = visit;
  return {
    title: visit.title,
    tons: textOf(visit.tons),
    maxTespInWc: textOf(visit.maxTespInWc),
    cfmPerTon: textOf(visit.cfmPerTon),
    designCfm: textOf(setup?.designCfm),
    filterCount: textOf(setup?.filterCount),
    filterWidthIn: textOf(setup?.filterWidthIn),
    filterHeightIn: textOf(setup?.filterHeightIn),
    bareGrilleCollarIn: textOf(setup?.bareGrilleCollarIn),
    altitudeFt: textOf(setup?.altitudeFt),
    lineVolts: textOf(setup?.lineVolts),
    tableVolts: textOf(setup?.tableVolts),
    riseMinF: textOf(setup?.riseMinF),
    riseMaxF: textOf(setup?.riseMaxF),
    effectiveLengthFt: textOf(setup?.effectiveLengthFt),
  };
}

const FILTER_PLACE_TEXT: Record<FilterPlace, string> = {
  atUnit: 'at the unit',
  atGrilles: 'at the return grilles',
  both: 'at both, in series',
};

/** Plate, target, air path and what else measuring needs to know of the unit. */
export function UnitSetupSheet({ open, visit, onVisit, onClose }: UnitSetupSheetProps) {
  const { control, handleSubmit, reset } = useForm<SetupText, unknown, UnitSetup>({
    resolver: classValidatorResolver(UnitSetup) as never,
    mode: 'onTouched',
  });
  useEffect(() => {
    if (open) reset(textsOf(visit));
    // Filled in when it opens; what is typed then stays until it is kept.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [open, reset]);
  const keep = handleSubmit(({ title, tons, maxTespInWc, cfmPerTon, ...more }) => {
    onVisit({ ...visit, title, tons, maxTespInWc, cfmPerTon, setup: { ...visit.setup, ...more } });
    onClose();
  });
  const choose = (setup: SetupDto) => onVisit({ ...visit, setup: { ...visit.setup, ...setup } });
  return (
    <Sheet open={open} onClose={onClose} title="The unit">
      <View style={{ gap: 4 }}>
        <Field control={control} name="title" label="Title" />
        <Field control={control} name="tons" label="Nominal tons" numeric />
        <Field
          control={control}
          name="maxTespInWc"
          label="Nameplate maximum static, in. w.c."
          numeric
          hint="Blank when the plate cannot be read: 0.50 is assumed, and said so."
        />
        <Field
          control={control}
          name="cfmPerTon"
          label="Target, CFM a ton"
          numeric
          hint="400 usual, 350 in humid climates, 450 in dry ones."
        />
        <Field
          control={control}
          name="designCfm"
          label="Design airflow, CFM"
          numeric
          hint="If known it goes before tons × CFM a ton."
        />
        <Labelled label="Air path">
          <Choice
            label="Air path"
            options={LAYOUT_IDS.map((id) => ({ id, text: LAYOUTS[id].name }))}
            chosen={visit.layout}
            onChoose={(layout) => onVisit({ ...visit, layout })}
          />
        </Labelled>
        {visit.layout !== 'makeUpAir' && (
          <Labelled label="Filters">
            <Choice
              label="Filters"
              options={(['atUnit', 'atGrilles', 'both'] as const).map((id) => ({ id, text: FILTER_PLACE_TEXT[id] }))}
              chosen={visit.setup?.filterPlace ?? 'atUnit'}
              onChoose={(filterPlace) => choose({ filterPlace })}
            />
            {visit.setup?.filterPlace === 'both' && (
              <Txt size={14}>
                Filters in series are a mistake unless each is sized for it: together they have one share.
              </Txt>
            )}
          </Labelled>
        )}
        <Field control={control} name="filterCount" label="Filters side by side" numeric hint="Blank: one." />
        <Field control={control} name="filterWidthIn" label="Width of one, in." numeric />
        <Field control={control} name="filterHeightIn" label="Height of one, in." numeric />
        <Labelled label="Filter, as printed on its frame">
          <Choice
            label="Filter kind"
            options={FILTER_MEDIA.map(({ id, text }) => ({ id, text }))}
            chosen={visit.setup?.filterMedia ?? null}
            onChoose={(filterMedia) => choose({ filterMedia })}
          />
        </Labelled>
        <Field
          control={control}
          name="bareGrilleCollarIn"
          label="Collar above a bare ceiling grille, in."
          numeric
          hint="Only for a filter grille without a box above it."
        />
        <Labelled label="Mode">
          <Choice
            label="Mode"
            options={[
              { id: 'cooling', text: 'cooling' },
              { id: 'heating', text: 'heating' },
            ]}
            chosen={visit.mode}
            onChoose={(mode) => onVisit({ ...visit, mode })}
          />
        </Labelled>
        <Heading size={16} style={{ paddingTop: 12 }}>
          For measuring
        </Heading>
        <Field control={control} name="altitudeFt" label="Altitude, ft" numeric hint="Comes from the site." />
        <Field control={control} name="lineVolts" label="Line volts" numeric />
        <Field control={control} name="riseMinF" label="Nameplate rise, lowest, °F" numeric />
        <Field control={control} name="riseMaxF" label="Nameplate rise, highest, °F" numeric />
        <Labelled label="The maker’s table was taken with the coil">
          <Choice
            label="The table’s coil"
            options={[
              { id: 'wet', text: 'wet' },
              { id: 'dry', text: 'dry' },
            ]}
            chosen={visit.setup?.tableCoil ?? 'wet'}
            onChoose={(tableCoil) => choose({ tableCoil })}
          />
        </Labelled>
        <Field control={control} name="tableVolts" label="The table’s volts" numeric />
        <Labelled label="Where the pressure goes is judged by">
          <Choice
            label="School of pressure"
            options={[
              { id: 'shareOfPlate', text: 'share of the plate' },
              { id: 'leftForDucts', text: 'what is left for ducts' },
            ]}
            chosen={visit.setup?.school ?? 'shareOfPlate'}
            onChoose={(school) => choose({ school })}
          />
        </Labelled>
        <Field control={control} name="effectiveLengthFt" label="Total effective length of the ducts, ft" numeric />
        <Labelled label="The temperature drop is judged by">
          <Choice
            label="School of the drop"
            options={[
              { id: 'predicted', text: 'prediction' },
              { id: 'ruleOfThumb', text: '16 to 22 °F, weak rule' },
            ]}
            chosen={visit.setup?.dropSchool ?? 'predicted'}
            onChoose={(dropSchool) => choose({ dropSchool })}
          />
        </Labelled>
        <View style={{ height: 12 }} />
        <ActionButton onPress={() => void keep()}>Keep these</ActionButton>
      </View>
    </Sheet>
  );
}

function Labelled({ label, children }: { readonly label: string; readonly children: React.ReactNode }) {
  return (
    <View style={{ gap: 6, paddingVertical: 6 }}>
      <Txt size={14} color="softInk">
        {label}
      </Txt>
      {children}
    </View>
  );
}

interface FieldProps {
  readonly control: Control<SetupText, unknown, UnitSetup>;
  readonly name: FieldName;
  readonly label: string;
  readonly numeric?: boolean;
  readonly hint?: string;
}

function Field({ control, name, label, numeric, hint }: FieldProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState: { error } }) => (
        <View>
          <TextInput
            mode="outlined"
            label={label}
            accessibilityLabel={label}
            value={field.value ?? ''}
            onChangeText={field.onChange}
            onBlur={field.onBlur}
            error={error !== undefined}
            inputMode={numeric ? 'decimal' : 'text'}
          />
          <HelperText
            type={error ? 'error' : 'info'}
            visible={error !== undefined || hint !== undefined}
            style={{ fontSize: 14 }}
          >
            {error?.message ?? hint ?? ''}
          </HelperText>
        </View>
      )}
    />
  );
}
