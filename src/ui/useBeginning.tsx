import { type ReactNode, useEffect, useRef, useState } from 'react'

/** How far below the window a list is made already, px. */
const AHEAD = '800px'

/**
 * The beginning of a long list, and more of it as its end comes near: nobody waits for what is far below.
 *
 * @param first so many at once
 * @returns what is shown, and what stands at its end: it asks for more by itself, or by a tap
 */
export function useBeginning<T>(
  all: readonly T[],
  first: number,
): { shown: readonly T[]; more: ReactNode } {
  const [count, setCount] = useState(first)
  const left = all.length - count
  const more = left > 0 && <More left={left} onMore={() => setCount((now) => now + first)} />
  return { shown: left > 0 ? all.slice(0, count) : all, more }
}

function More({ left, onMore }: { left: number; onMore: () => void }) {
  const end = useRef<HTMLLIElement>(null)
  const ask = useRef(onMore)
  ask.current = onMore
  // Looked at anew for every piece: an end that stays in sight asks again.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is left says that it is another piece
  useEffect(() => {
    const at = end.current
    if (!at || typeof IntersectionObserver === 'undefined') return
    const seen = new IntersectionObserver(([entry]) => entry?.isIntersecting && ask.current(), {
      rootMargin: AHEAD,
    })
    seen.observe(at)
    return () => seen.disconnect()
  }, [left])
  return (
    <li ref={end} className="col-span-full">
      <button type="button" className="min-h-11 px-3 text-act underline" onClick={onMore}>
        {left} more
      </button>
    </li>
  )
}
