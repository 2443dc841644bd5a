import { Children, type ReactNode, useEffect, useState } from 'react'

/**
 * What lies below the first look at a long page: drawn piece by piece, each in a breath of its own, so that the page answers meanwhile.
 * What follows stays out of sight until then.
 * Where the address points at a place on the page all of it is drawn at once.
 */
export function Later({ children }: { children: ReactNode }) {
  const pieces = Children.toArray(children)
  const [count, setCount] = useState(location.hash === '' ? 0 : pieces.length)
  const isWhole = count >= pieces.length
  // biome-ignore lint/correctness/useExhaustiveDependencies: each piece that was drawn asks for the next
  useEffect(() => {
    if (isWhole) return
    const waiting = setTimeout(() => setCount((now) => now + 1))
    return () => clearTimeout(waiting)
  }, [isWhole, count])
  return (
    <>
      {isWhole ? pieces : pieces.slice(0, count)}
      {!isWhole && <div className="min-h-screen print:hidden" />}
    </>
  )
}
