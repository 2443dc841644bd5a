import { key, type PartRef } from '@/core/model/stepRef'

/** Where it is found out what went wrong: on a part, or by what is seen. */
export function faultHref({ of, seen }: { of?: PartRef | null; seen?: string }): string {
  const query = new URLSearchParams()
  if (of) query.set('of', key(of))
  if (seen) query.set('seen', seen)
  const said = query.toString()
  return said === '' ? '/faults' : `/faults?${said}`
}
