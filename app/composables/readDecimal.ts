/** A figure as people type it, with point or comma; null for an empty field, NaN for what is none. */
export const readDecimal = (text: string | number): number | null =>
  String(text).trim() === '' ? null : Number(String(text).trim().replace(',', '.'))
