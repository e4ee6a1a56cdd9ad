import {
  BlowerTableDto,
  EntryCodeDto,
  EraseRequestDto,
  FACT_KINDS,
  FactDto,
  PassphraseDto,
  PersonDto,
  PhotoDto,
  ReadingDto,
  SignInDto,
  SiteDto,
  StopDto,
  DrillDto,
  UnitDto,
  VisitDto,
} from '@huff/contract';
import { PlanWishesDto, ShopDto } from '@huff/contract/fix';
import { nestedClass, SyncRequestDto } from '@huff/contract/sync';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';

/** A schema as OpenAPI 3.1 has it: JSON Schema of 2020-12. */
export interface Schema {
  readonly [key: string]: unknown;
}

const SCHEMA_PREFIX = '#/components/schemas/';
export const ref = (name: string): Schema => ({ $ref: `${SCHEMA_PREFIX}${name}` });

/** What our own checkers ask, where the library knows only its own. */
const CONVERTERS: Readonly<Record<string, Schema>> = {
  lineOfText: { type: 'string', minLength: 1 },
  moment: { type: 'string', format: 'date-time' },
  day: { type: 'string', format: 'date' },
  isBeltMark: { type: 'string', examples: ['A48', 'BX60', '4L500'] },
  isFlowRow: { type: 'array', items: { type: ['number', 'null'] } },
  isRowOf: { type: 'array', items: { type: ['number', 'null'] } },
  isGridOf: { type: 'array', items: { type: 'array', items: { type: ['number', 'null'] } } },
  numberInEach: { type: 'array', items: { type: 'number' } },
  isSoundTable: {},
  suits: {},
  suitsKind: { type: 'object', description: 'As the kind asks.' },
  inputs: { type: 'object', description: 'Fields of its form; leave out what is unknown.' },
  isProven: { type: 'object', description: 'The unit as verified, as stored by the app.' },
  isTypedMoves: { type: 'object', description: 'Inputs entered for fixes, by fix.' },
};

/** A field that may be left out may be null as well. */
function orNull(schema: Schema): Schema {
  const { type, enum: values, $ref } = schema;
  if ($ref !== undefined) return { anyOf: [schema, { type: 'null' }] };
  return {
    ...schema,
    ...(typeof type === 'string' ? { type: [type, 'null'] } : {}),
    ...(Array.isArray(values) ? { enum: [...(values as unknown[]), null] } : {}),
  };
}

interface ObjectSchema extends Schema {
  readonly properties: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
}

function withNulls(schema: ObjectSchema): ObjectSchema {
  const required = new Set(schema.required ?? []);
  const properties = Object.entries(schema.properties).map(([name, field]) => [
    name,
    required.has(name) ? field : orNull(field),
  ]);
  return { ...schema, properties: Object.fromEntries(properties) as Record<string, Schema> };
}

/** The classes whose records go over the wire; those within them come along by name. */
const CLASSES = {
  BlowerTable: BlowerTableDto,
  EntryCode: EntryCodeDto,
  EraseRequest: EraseRequestDto,
  Fact: FactDto,
  Passphrase: PassphraseDto,
  Person: PersonDto,
  Photo: PhotoDto,
  PlanWishes: PlanWishesDto,
  Reading: ReadingDto,
  Shop: ShopDto,
  SignIn: SignInDto,
  Site: SiteDto,
  Stop: StopDto,
  Drill: DrillDto,
  SyncRequest: SyncRequestDto,
  Unit: UnitDto,
  Visit: VisitDto,
} as const;

const STORAGE = {
  findTypeMetadata: (owner: unknown, field: string) => {
    const classOf = nestedClass(owner, field);
    return classOf && { typeFunction: classOf, reflectedType: undefined };
  },
  getExposedMetadatas: () => [],
  findExcludeMetadata: () => undefined,
};

const nameOf = (className: string) => className.replace(/Dto$/, '');

/** The schemas of the contract’s classes, from the very decorators that check what is sent. */
export function contractSchemas(): Readonly<Record<string, Schema>> {
  const made = validationMetadatasToSchemas({
    refPointerPrefix: SCHEMA_PREFIX,
    // What stands in for the other library’s storage: which class a field’s records are of.
    classTransformerMetadataStorage: STORAGE as never,
    additionalConverters: CONVERTERS,
  }) as unknown as Readonly<Record<string, ObjectSchema>>;
  const text = JSON.stringify(
    Object.fromEntries(Object.entries(made).map(([name, schema]) => [nameOf(name), withNulls(schema)])),
  );
  const all = JSON.parse(text.replaceAll(/(#\/components\/schemas\/\w+?)Dto"/g, '$1"')) as Record<string, Schema>;
  for (const name of Object.keys(CLASSES)) if (!all[name]) throw new Error(`${name} has no schema`);
  return { ...all, FactKind: { type: 'string', enum: [...FACT_KINDS] } };
}
