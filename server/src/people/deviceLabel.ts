/** What a person calls a device, out of what its browser says it is. @example 'Phone' */
export function deviceLabel(agent: string): string {
  if (/iPad|Tablet|Android(?!.*Mobile)/.test(agent)) return 'Tablet';
  if (/iPhone|Mobile|Android/.test(agent)) return 'Phone';
  return 'Computer';
}
