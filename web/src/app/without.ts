/** The object without one of its fields. */
export function without<T extends object>(object: T, field: string): Partial<T> {
  return Object.fromEntries(Object.entries(object).filter(([name]) => name !== field)) as Partial<T>;
}
