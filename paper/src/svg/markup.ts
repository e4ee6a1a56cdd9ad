/** Text that may stand in markup. */
export const escaped = (text: string): string => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

type Attributes = Readonly<Record<string, string | number | undefined>>;

const attribute = ([name, value]: readonly [string, string | number | undefined]): string =>
  value === undefined
    ? ''
    : ` ${name}="${escaped(typeof value === 'number' ? String(Number(value.toFixed(2))) : value)}"`;

/** An element as markup; what is in it is markup already. @example el('line', { x1: 0, x2: 10 }) // '<line x1="0" x2="10"/>' */
export function el(name: string, attributes: Attributes, ...inside: readonly string[]): string {
  const head = `<${name}${Object.entries(attributes).map(attribute).join('')}`;
  return inside.length === 0 ? `${head}/>` : `${head}>${inside.join('')}</${name}>`;
}
