/** What is measured, in the unit that everything is reckoned in. */
export type Metric = 'ml' | 'mm' | 'cm²' | '°C' | 'bar' | 'g'

/** A system of units for what is measured; the core stays metric. */
type Other = {
  unit: string
  from: (value: number) => number
  to: (value: number) => number
  digits: number
}

const times = (unit: string, factor: number, digits: number): Other => ({
  unit,
  from: (value) => value / factor,
  to: (value) => value * factor,
  digits,
})

/** The other unit of each: US fluid ounces, inches, Fahrenheit, pounds on the square inch, ounces. */
const OTHERS: Record<Metric, Other> = {
  ml: times('fl oz', 29.5735, 3),
  mm: times('in', 25.4, 3),
  'cm²': times('in²', 6.4516, 2),
  '°C': { unit: '°F', from: (c) => (c * 9) / 5 + 32, to: (f) => ((f - 32) * 5) / 9, digits: 1 },
  bar: times('psi', 1 / 14.5038, 1),
  g: times('oz', 28.3495, 3),
}

/** What can be chosen by itself, and the measures that it is for. */
export const UNIT_CHOICES = [
  { key: 'volume', say: 'Volumes', metric: 'ml', other: 'fl oz', of: ['ml'] },
  { key: 'length', say: 'Lengths', metric: 'mm', other: 'inch', of: ['mm', 'cm²'] },
  { key: 'temperature', say: 'Degrees', metric: '°C', other: '°F', of: ['°C'] },
  { key: 'pressure', say: 'Pressures', metric: 'bar', other: 'psi', of: ['bar'] },
  { key: 'mass', say: 'Weights', metric: 'g', other: 'oz', of: ['g'] },
] as const

/** What can be chosen. */
export type UnitChoice = (typeof UNIT_CHOICES)[number]['key']

/** How measures and numbers are told: what isn't metric, and the locale; null: the browser's. */
export type Telling = { others: readonly UnitChoice[]; locale: string | null }

const KEPT = 'tectoria-units'
const PLAIN: Telling = { others: [], locale: null }

let told: Telling | null = null

/** How things are told now. */
export function telling(): Telling {
  if (told) return told
  told = typeof localStorage === 'undefined' ? PLAIN : readKept(localStorage.getItem(KEPT))
  return told
}

function readKept(text: string | null): Telling {
  try {
    const kept = JSON.parse(text ?? 'null') as Partial<Telling> | null
    const known = UNIT_CHOICES.map(({ key }) => key)
    return {
      others: known.filter((key) => kept?.others?.includes(key)),
      locale: typeof kept?.locale === 'string' ? kept.locale : null,
    }
  } catch {
    return PLAIN
  }
}

const listeners = new Set<() => void>()

/** Hears of another way of telling. @returns ends it */
export function onTelling(hear: () => void): () => void {
  listeners.add(hear)
  return () => listeners.delete(hear)
}

/** Tells things in another way from now on, on this browser. */
export function tellIn(next: Telling): void {
  told = next
  localStorage.setItem(KEPT, JSON.stringify(next))
  for (const hear of listeners) hear()
}

function otherOf(metric: Metric): Other | null {
  const choice = UNIT_CHOICES.find(({ of }) => (of as readonly Metric[]).includes(metric))
  return choice && telling().others.includes(choice.key) ? OTHERS[metric] : null
}

/** The unit that a measure is told in. */
export function unitOf(metric: Metric): string {
  return otherOf(metric)?.unit ?? metric
}

/** The locale that dates and numbers are written in; undefined: the browser's own. */
export function localeHere(): string | undefined {
  return telling().locale ?? undefined
}

/** A number by the locale. @param fixed are all digits written, zeros too? */
export function number(value: number, digits: number, fixed = false): string {
  const by = `${digits} ${fixed}`
  const known =
    writers.get(by) ??
    new Intl.NumberFormat(localeHere(), {
      maximumFractionDigits: digits,
      minimumFractionDigits: fixed ? digits : 0,
      useGrouping: false,
    })
  writers.set(by, known)
  return known.format(value)
}

/** What writes numbers is costly to make, and made once; the locale changes with the page. */
const writers = new Map<string, Intl.NumberFormat>()

/**
 * A measure with its unit, as it is told here, to so many digits: "12.30 ml", "0.416 fl oz".
 *
 * @param value in the metric unit
 * @param digits after the point of the metric unit
 */
export function measured(value: number, metric: Metric, digits: number): string {
  return withUnit(value, metric, digits, true)
}

/** A measure with its unit, without the digits that say nothing: "17 ml". */
export function about(value: number, metric: Metric, digits: number): string {
  return withUnit(value, metric, digits, false)
}

/** A measure without its unit, which stands beside it. */
export function bareMeasure(value: number, metric: Metric, digits: number): string {
  const other = otherOf(metric)
  return other ? number(other.from(value), other.digits) : number(value, digits)
}

function withUnit(value: number, metric: Metric, digits: number, fixed: boolean): string {
  const other = otherOf(metric)
  return other
    ? `${number(other.from(value), other.digits, fixed)} ${other.unit}`
    : `${number(value, digits, fixed)} ${metric}`
}

/** Is this a unit that may be told in another one? */
export function isMetric(unit: string | undefined): unit is Metric {
  return unit !== undefined && unit in OTHERS
}

/** What a field shows of a metric text; what is no number is shown as it stands. */
export function shownIn(text: string, metric: Metric): string {
  const other = otherOf(metric)
  const value = Number(text.replace(',', '.'))
  if (!other || text.trim() === '' || Number.isNaN(value)) return text
  return String(Number(other.from(value).toFixed(other.digits)))
}

/** The metric text of what is typed in a field; what is no number stays, to be refused. */
export function metricOf(text: string, metric: Metric): string {
  const other = otherOf(metric)
  const value = Number(text.replace(',', '.'))
  if (!other || text.trim() === '' || Number.isNaN(value)) return text
  return String(Number(other.to(value).toPrecision(8)))
}
