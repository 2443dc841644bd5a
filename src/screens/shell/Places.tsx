'use client'
import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { cx } from '@/ui/cx'
import { isAt, PLACES } from './screens'

/** The five places: a rail at the side, on a phone a row under the thumb. */
export function Places() {
  const path = usePathname()
  return (
    <nav
      aria-label="Places"
      data-screen-only
      className="fixed inset-x-0 bottom-0 z-30 grid grid-cols-5 border-t-2 border-strong bg-ground sm:sticky sm:top-0 sm:col-start-1 sm:row-start-2 sm:row-end-4 sm:flex sm:h-fit sm:flex-col sm:border-0 sm:py-3"
    >
      {PLACES.map(({ say, screens }) => {
        const here = screens.some((screen) => isAt(screen, path))
        return (
          <Link
            key={say}
            href={screens[0].href}
            aria-current={here ? (isAt(screens[0], path) ? 'page' : 'true') : undefined}
            className={cx(
              'flex min-h-13 min-w-0 items-center justify-center text-sm sm:justify-start sm:px-4 sm:font-display sm:text-lg',
              here
                ? 'border-t-4 border-act font-semibold sm:border-t-0 sm:border-l-4 sm:bg-surface'
                : 'border-t-4 border-transparent text-soft hover:text-ink sm:border-t-0 sm:border-l-4',
            )}
          >
            {say}
          </Link>
        )
      })}
    </nav>
  )
}

/** The screens of the place that one is at, where it has several. */
export function InPlace() {
  const path = usePathname()
  const place = PLACES.find(({ screens }) => screens.some((screen) => isAt(screen, path)))
  if (!place || place.screens.length < 2) return null
  // A screen may lie below another one of its place: the nearest is meant.
  const nearest = place.screens
    .filter((screen) => isAt(screen, path))
    .sort((a, b) => b.href.length - a.href.length)[0]
  return (
    <nav
      aria-label={`In ${place.say}`}
      data-screen-only
      className="flex gap-1 overflow-x-auto border-b border-rule px-2 lg:px-4"
    >
      {place.screens.map((screen) => {
        const here = screen === nearest
        return (
          <Link
            key={screen.href}
            href={screen.href}
            aria-current={here ? 'page' : undefined}
            className={cx(
              'flex min-h-11 shrink-0 items-center border-b-4 px-2 whitespace-nowrap',
              here ? 'border-act font-semibold' : 'border-transparent text-soft hover:text-ink',
            )}
          >
            {screen.say}
          </Link>
        )
      })}
    </nav>
  )
}
