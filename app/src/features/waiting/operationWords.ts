import { kindOfRecord, RECORDS, type Operation, type RecordKind } from '@huff/contract/spine';
import { factName } from '@huff/contract';
import { lookItem, staticWords } from '@huff/core';
import { fieldName, valueText } from './fieldNames';

/** What a record is called, where this phone knows it. */
export type NameOf = (kind: RecordKind, id: string) => string | undefined;

/** What was done, in a line: "Static at R2: −0.31 in. w.c." */
export function operationWords(operation: Operation): string {
  if (operation.kind === 'create') return `${RECORDS[operation.of].name} made`;
  if (operation.kind === 'patch')
    return Object.entries(operation.fields)
      .map(([path, value]) => `${fieldName(operation, path)}: ${valueText(value)}`)
      .join(' · ');
  if (operation.of === 'reading')
    return `Static at ${operation.record.port}: ${operation.record.value < 0 ? '−' : ''}${staticWords(Math.abs(operation.record.value))}`;
  if (operation.of === 'fact') return factName(operation.record.kind, operation.record.inputs);
  return `Photo of ${lookItem(operation.record.item)?.name.toLowerCase() ?? operation.record.item}`;
}

/** Of what: "Visit Lantern Quay library, Reading room". */
export function recordWords(operation: Operation, nameOf: NameOf): string {
  const kind = kindOfRecord(operation);
  if (kind === 'shop') return 'Shop settings';
  const own = operation.kind === 'create' ? (operation.record as { name?: string; title?: string }) : undefined;
  const name = own?.name ?? own?.title ?? nameOf(kind, operation.recordId);
  return name ? `${RECORDS[kind].name} ${name}` : RECORDS[kind].name;
}
