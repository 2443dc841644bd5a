import { useSearchParams } from 'next/navigation'
import { colourSaid } from '@/core/colour'
import { setAddress } from '../shared/address'

/** What is asked stands in the address, so that it can be gone back to; a value that isn't one of the field's is its first. */
export function useAddress(path: string) {
  const query = useSearchParams()
  const set = (next: Record<string, string>) => setAddress(path, next)
  const get = (key: string, otherwise: string) => query.get(key) ?? otherwise
  const getColour = (key: string, otherwise: string) => colourOf(get(key, otherwise)) ?? otherwise
  return { get, getColour, set }
}

/** A colour as it is typed, in figures or in words, or null while it is none. */
export function colourOf(text: string): string | null {
  return colourSaid(text)
}
