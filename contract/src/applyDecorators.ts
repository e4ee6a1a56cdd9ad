/** One property decorator made of several, applied bottom-up as if they were written one under the other. */
export function applyDecorators(...decorators: PropertyDecorator[]): PropertyDecorator {
  return (target, property) => {
    for (const decorate of [...decorators].reverse()) decorate(target, property);
  };
}
