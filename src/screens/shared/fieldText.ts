/** The text of a number field as a number; nothing typed is undefined, nonsense stays as it is for the schema to refuse. */
export function numberOf(text: string): number | string | undefined {
  const trimmed = text.trim().replace(',', '.')
  if (trimmed === '') return undefined
  const number = Number(trimmed)
  return Number.isNaN(number) ? text : number
}

/** A number that is read, from one bound to another. */
export function isWithin(value: unknown, least: number, most: number): value is number {
  return typeof value === 'number' && value >= least && value <= most
}

/** A number that is read: an amount above nothing, up to the most. */
export function isAmount(value: unknown, most: number): value is number {
  return typeof value === 'number' && value > 0 && value <= most
}

/** Moves the focus to the first field of a form that is wrong, once it is drawn. */
export function focusFirstError(form: HTMLElement | null): void {
  requestAnimationFrame(() => form?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus())
}
