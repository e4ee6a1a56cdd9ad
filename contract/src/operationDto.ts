import 'reflect-metadata';
import type { ClassConstructor } from 'class-transformer';
import { IsIn, IsInt, Max, Min, IsOptional } from 'class-validator';
import { BlowerTableDto } from './blowerTable';
import { check, type Checked } from './check';
import { DrillDto } from './drill';
import { FactDto } from './fact';
import { Id, Moment } from './fields';
import { PhotoDto } from './photo';
import { subjectOf } from './photoSubject';
import type { FieldError } from './problem';
import { ReadingDto } from './reading';
import { ShopDto } from './shop';
import { SiteDto } from './site';
import { StopDto } from './stop';
import type { Operation } from './spine/operation';
import { isField, withFields, type Fields } from './spine/recordFields';
import { isRecordKind, RECORD_KINDS, type RecordKind, type RecordOf } from './records';
import { UnitDto } from './unit';
import { VisitHeadDto } from './visit';

const RECORD_CLASSES: { readonly [K in RecordKind]: ClassConstructor<RecordOf[K]> } = {
  site: SiteDto,
  unit: UnitDto,
  blowerTable: BlowerTableDto,
  visit: VisitHeadDto,
  shop: ShopDto,
  stop: StopDto,
  drill: DrillDto,
};
const ADDED_CLASSES = { reading: ReadingDto, fact: FactDto, photo: PhotoDto } as const;
type AddedKind = keyof typeof ADDED_CLASSES;
const ADDED_KINDS = Object.keys(ADDED_CLASSES) as AddedKind[];

/** What every operation says, whatever its kind. */
class OperationDto {
  @Id('The operation’s id')
  id!: string;

  @IsIn(['create', 'patch', 'add'], {
    message: 'This kind of change is not known here: the app is newer than the server. Update the server.',
  })
  kind!: 'create' | 'patch' | 'add';

  @IsIn([...RECORD_KINDS, ...ADDED_KINDS], {
    message: 'This kind of record is not known here: the app is newer than the server. Update the server.',
  })
  of!: RecordKind | AddedKind;

  @Id('The record’s id')
  recordId!: string;

  @Moment('The time it was made')
  madeAt!: string;

  @Max(Number.MAX_SAFE_INTEGER, { message: 'The revision is not known.' })
  @Min(0, { message: 'The revision is a whole number, 0 or more.' })
  @IsInt({ message: 'The revision is a whole number, 0 or more.' })
  @IsOptional()
  base?: number;
}

const refuse = (field: string, message: string): { ok: false; errors: FieldError[] } => ({
  ok: false,
  errors: [{ field, message }],
});

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A record as it is stored: plain, without what its class does not know. */
export function checkRecord<K extends RecordKind>(kind: K, record: unknown): Checked<RecordOf[K]> {
  const checked = check(RECORD_CLASSES[kind], record);
  return checked.ok ? { ok: true, value: plain(checked.value) } : checked;
}

/** Without classes and undefined fields, as it comes back over the wire. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** A record with fields set, if what is set is right; faults of other fields are another's matter. */
export function checkPatched<K extends RecordKind>(kind: K, record: RecordOf[K], fields: Fields): Checked<RecordOf[K]> {
  const next = withFields(kind, record, fields);
  const checked = checkRecord(kind, next);
  if (checked.ok) return checked;
  const groups = new Set(Object.keys(fields).map((path) => path.split('.')[0]));
  const own = checked.errors.filter(({ field }) => groups.has(field.split(/[.[]/)[0]));
  return own.length > 0 ? { ok: false, errors: own } : { ok: true, value: next };
}

/**
 * Checks one operation by itself: of a patch only that its fields exist, since their values are right or wrong within the record.
 *
 * @returns the operation, plain, or every wrong field with what would be right
 */
export function checkOperation(sent: unknown): Checked<Operation> {
  const envelope = check(OperationDto, sent);
  if (!envelope.ok) return envelope;
  const { kind, of, ...made } = envelope.value;
  const ids = { ...made, id: made.id.toLowerCase(), recordId: made.recordId.toLowerCase() };
  const { record, fields } = sent as { record?: unknown; fields?: unknown };
  const isRecord = isRecordKind(of);
  if ((kind === 'add') === isRecord)
    return refuse('of', isRecord ? `A ${of} is created or patched, not added.` : `A ${of} is added, never changed.`);
  if (kind === 'patch') {
    if (!isObject(fields) || Object.keys(fields).length === 0) return refuse('fields', 'A patch names its fields.');
    const unknown = Object.keys(fields).find((path) => !isField(of as RecordKind, path));
    if (unknown !== undefined) return refuse(`fields.${unknown}`, `A ${of} has no field of that name.`);
    return { ok: true, value: { ...ids, kind, of: of as RecordKind, base: made.base ?? 0, fields } };
  }
  const checked = isRecord ? checkRecord(of, record) : check<object>(ADDED_CLASSES[of], record);
  if (!checked.ok) return { ok: false, errors: checked.errors.map((e) => ({ ...e, field: `record.${e.field}` })) };
  const body = plain(checked.value) as { id: string; jpeg?: string } & Parameters<typeof subjectOf>[0];
  body.id = body.id.toLowerCase();
  if (kind === 'create') {
    if (body.id !== ids.recordId)
      return refuse('record.id', 'The record’s id must be the id of the operation’s record.');
    return { ok: true, value: { ...ids, kind, of: of as RecordKind, record: body } };
  }
  if (of === 'photo') {
    if (subjectOf(body)?.id.toLowerCase() !== ids.recordId)
      return refuse('recordId', 'The photo is of another record.');
    if (!body.jpeg) return refuse('record.jpeg', 'Send the picture as a JPEG in base64.');
  }
  return { ok: true, value: { ...ids, kind, of, record: body } as Operation };
}
