import { type RefObject, useLayoutEffect, useState } from 'react'

/** How wide an element is, pixels; follows it. */
export function useWidth(of: RefObject<HTMLElement | null>): number {
  const [wide, setWide] = useState(0)
  useLayoutEffect(() => {
    const element = of.current
    if (!element) return
    const measure = () => setWide(Math.floor(element.clientWidth))
    measure()
    if (typeof ResizeObserver === 'undefined') return
    const watch = new ResizeObserver(measure)
    watch.observe(element)
    return () => watch.disconnect()
  }, [of])
  return wide
}
