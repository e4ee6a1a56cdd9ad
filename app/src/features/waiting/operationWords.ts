import type { Operation, RecordKind } from '@huff/contract/spine';
import { checkPoint, staticWords, lookItem, toolOf, type FactKind } from '@huff/core';
import { fieldName, valueText } from './fieldNames';

/** What a record is called, where this phone knows it. */
export type NameOf = (kind: RecordKind, id: string) => string | undefined;

const KIND: Readonly<Record<RecordKind, string>> = {
  site: 'Site',
  unit: 'Unit',
  blowerTable: 'Blower table',
  visit: 'Visit',
  shop: 'Shop',
  stop: 'Stop',
};

function factWords(kind: FactKind, inputs: Readonly<Record<string, unknown>>): string {
  if (kind === 'check') return checkPoint(String(inputs.point))?.name ?? 'A check';
  if (kind === 'part') return `${valueText(inputs.count)} × ${valueText(inputs.name)}`;
  if (kind === 'handOver') return 'Hand over';
  if (kind === 'ladder') return 'Refrigerant circuit';
  if (kind === 'look') {
    const item = lookItem(String(inputs.item));
    return `${item?.name ?? 'Look'}: ${item?.states.find(({ id }) => id === inputs.state)?.text ?? valueText(inputs.state)}`;
  }
  if (kind === 'plan') return inputs.withdrawn === true ? 'A plan taken back' : 'A decided plan';
  if (kind === 'setAside') return 'A method set aside';
  return toolOf(kind)?.name ?? kind;
}

/** What was done, in a line: "Static at R2: −0.31 in. w.c." */
export function operationWords(operation: Operation): string {
  if (operation.kind === 'create') return `${KIND[operation.of]} made`;
  if (operation.kind === 'patch')
    return Object.entries(operation.fields)
      .map(([path, value]) => `${fieldName(path)}: ${valueText(value)}`)
      .join(' · ');
  if (operation.of === 'reading')
    return `Static at ${operation.record.port}: ${operation.record.value < 0 ? '−' : ''}${staticWords(Math.abs(operation.record.value))}`;
  if (operation.of === 'fact') return factWords(operation.record.kind, operation.record.inputs);
  return `Photo of ${lookItem(operation.record.item)?.name.toLowerCase() ?? operation.record.item}`;
}

/** Of what: "Visit Lantern Quay library, Reading room". */
export function recordWords(operation: Operation, nameOf: NameOf): string {
  const kind = operation.kind === 'add' ? 'visit' : operation.of;
  if (kind === 'shop') return 'The shop’s figures';
  const own = operation.kind === 'create' ? (operation.record as { name?: string; title?: string }) : undefined;
  const name = own?.name ?? own?.title ?? nameOf(kind, operation.recordId);
  return name ? `${KIND[kind]} ${name}` : KIND[kind];
}
