import { type RefObject, useLayoutEffect, useState } from 'react'

/**
 * Where the heads of the rows of a list lie, pixels from the top of the list: the middle of each element marked with
 * `data-head`, by its value.
 */
export function useHeads(list: RefObject<HTMLElement | null>): ReadonlyMap<string, number> {
  const [heads, setHeads] = useState<ReadonlyMap<string, number>>(new Map())
  // After every paint: rows come, go and grow by what is said in them.
  useLayoutEffect(() => {
    const element = list.current
    if (!element) return
    const measure = () => {
      const top = element.getBoundingClientRect().top
      const next = new Map(
        [...element.querySelectorAll<HTMLElement>('[data-head]')].map((head) => {
          const box = head.getBoundingClientRect()
          return [head.dataset.head ?? '', Math.round(box.top + box.height / 2 - top)]
        }),
      )
      setHeads((before) => (isSame(before, next) ? before : next))
    }
    measure()
    if (typeof ResizeObserver === 'undefined') return
    const watch = new ResizeObserver(measure)
    watch.observe(element)
    return () => watch.disconnect()
  })
  return heads
}

function isSame(a: ReadonlyMap<string, number>, b: ReadonlyMap<string, number>): boolean {
  return a.size === b.size && [...a].every(([id, at]) => b.get(id) === at)
}
