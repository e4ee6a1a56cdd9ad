/**
 * A visit's title in its two parts. Its name comes first on a narrow screen, which cuts off the end.
 *
 * @example splitTitle('Lantern Quay library, Reading room') // { name: 'Reading room', site: 'Lantern Quay library' }
 */
export function splitTitle(title: string): { readonly name: string; readonly site?: string } {
  const at = title.lastIndexOf(', ');
  return at < 0 ? { name: title } : { name: title.slice(at + 2), site: title.slice(0, at) };
}
