/** A mark on the glass: strokes of points in thousandths of the box it was drawn in. */
export type Strokes = readonly (readonly (readonly [x: number, y: number])[])[];

/** Side of the box in which a mark is kept. */
export const SIGNATURE_SIDE = 1000;
/** So long a mark may be as text: some two hundred points. */
export const SIGNATURE_LENGTH = 4000;

/** A mark reaches so far at least, thousandths of its box: less is a touch of the glass. */
const LEAST_REACH = 60;
const POINT = /^\d{1,4},\d{1,4}$/;

/** A mark as it is kept: "12,30 40,55;60,20 61,80". */
export const signatureText = (strokes: Strokes): string =>
  strokes
    .filter((stroke) => stroke.length > 0)
    .map((stroke) => stroke.map(([x, y]) => `${Math.round(x)},${Math.round(y)}`).join(' '))
    .join(';');

/** The strokes of a kept mark; undefined when it is not one. @example strokesOf('1,2 3,4') // [[[1, 2], [3, 4]]] */
export function strokesOf(text: string): Strokes | undefined {
  const strokes = text.split(';').map((stroke) => stroke.split(' '));
  if (!strokes.flat().every((point) => POINT.test(point))) return undefined;
  const read = strokes.map((stroke) => stroke.map((point) => point.split(',').map(Number) as [number, number]));
  return read.flat().every(([x, y]) => x <= SIGNATURE_SIDE && y <= SIGNATURE_SIDE) ? read : undefined;
}

/** What is wrong with a mark, in a sentence; undefined when it is sound. @example signatureFault('5,5') // 'That is a dot …' */
export function signatureFault(text: unknown): string | undefined {
  if (typeof text !== 'string' || text.length > SIGNATURE_LENGTH)
    return 'The signature is too long. Clear it and sign again.';
  const points = strokesOf(text)?.flat();
  if (!points) return 'The signature cannot be read. Clear it and sign again.';
  const reach = (axis: 0 | 1) => {
    const at = points.map((point) => point[axis]);
    return Math.max(...at) - Math.min(...at);
  };
  if (Math.max(reach(0), reach(1)) < LEAST_REACH)
    return 'That is only a dot. Sign again, or leave it blank and enter the name.';
  return undefined;
}

/** The mark as SVG path data in a box. @param width, height px of the box */
export const signaturePath = (strokes: Strokes, width: number, height: number): string =>
  strokes
    .map((stroke) =>
      stroke
        .map(([x, y], i) => {
          const at = `${((x * width) / SIGNATURE_SIDE).toFixed(1)} ${((y * height) / SIGNATURE_SIDE).toFixed(1)}`;
          return `${i === 0 ? 'M' : 'L'}${at}`;
        })
        .join(' '),
    )
    .join(' ');
