import { check } from '../check';

/** What is wrong with a plain value as this class sees it; nothing when it is sound. */
export const errorsOf = (Class: new () => object, plain: unknown) => {
  const checked = check(Class, plain);
  return checked.ok ? [] : checked.errors;
};
