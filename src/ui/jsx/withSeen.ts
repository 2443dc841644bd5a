import { seen } from '@/core/model/seen'

/** What of an element is shown or read out as text. */
const TEXTS = [
  'children',
  'aria-label',
  'aria-description',
  'aria-valuetext',
  'title',
  'alt',
  'placeholder',
] as const

/** What an element is given, with its text as it is shown: the same object where nothing of it is unseen. */
export function withSeen<P>(props: P): P {
  let shown = props
  for (const name of TEXTS) {
    const value = (props as Record<string, unknown> | null)?.[name]
    const text = shownOf(value)
    if (text !== value) shown = { ...shown, [name]: text }
  }
  return shown
}

function shownOf(value: unknown): unknown {
  if (Array.isArray(value)) return value.some(isUnseen) ? value.map(shownOne) : value
  return shownOne(value)
}

function shownOne(value: unknown): unknown {
  return typeof value === 'string' ? seen(value) : value
}

function isUnseen(value: unknown): boolean {
  return shownOne(value) !== value
}
