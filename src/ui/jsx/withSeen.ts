import { seen } from '@/core/model/seen'

/** Properties of an element that are read out or shown as text. */
const SAID = [
  'aria-label',
  'aria-description',
  'aria-valuetext',
  'title',
  'alt',
  'placeholder',
] as const

/** What an element is given, with its text as it is shown. */
export function withSeen<P>(props: P): P {
  if (typeof props !== 'object' || props === null) return props
  const given = props as Record<string, unknown>
  const changed: Record<string, unknown> = {}
  for (const name of ['children', ...SAID]) {
    const value = given[name]
    const shown = shownOf(value)
    if (shown !== value) changed[name] = shown
  }
  return Object.keys(changed).length === 0 ? props : { ...props, ...changed }
}

function shownOf(value: unknown): unknown {
  if (typeof value === 'string') return seen(value)
  if (!Array.isArray(value)) return value
  const shown = value.map((item) => (typeof item === 'string' ? seen(item) : item))
  return shown.every((item, i) => item === value[i]) ? value : shown
}
