/** A short name in two letters, for where there is no room for more: Bram L as BL, Ida as Id. */
export function initials(name: string) {
  const parts = name.trim().split(/\s+/);
  const first = [...(parts[0] ?? '')];
  const last = parts.length > 1 ? [...(parts.at(-1) ?? '')][0] : first[1];
  return `${first[0] ?? ''}${last ?? ''}`;
}
