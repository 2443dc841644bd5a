import type { CSSProperties } from 'react'
import { Button } from '@/ui/Button'
import { AS_IT_IS, type LookLight } from './useLit'

const FILTER = 'lift-shadows'

/** As a picture is drawn in a light. */
export function litStyle({ brightness, contrast, shadows }: LookLight): CSSProperties {
  const lifted = shadows > 0 ? `url(#${FILTER}) ` : ''
  if (brightness === 1 && contrast === 1 && lifted === '') return {}
  return { filter: `${lifted}brightness(${brightness}) contrast(${contrast})` }
}

/** Lifts what is dark and leaves white white. */
export function ShadowFilter({ light: { shadows } }: { light: LookLight }) {
  if (shadows === 0) return null
  const exponent = 1 / (1 + 1.5 * shadows)
  return (
    <svg className="absolute size-0" aria-hidden="true">
      <filter id={FILTER} colorInterpolationFilters="sRGB">
        <feComponentTransfer>
          <feFuncR type="gamma" exponent={exponent} />
          <feFuncG type="gamma" exponent={exponent} />
          <feFuncB type="gamma" exponent={exponent} />
        </feComponentTransfer>
      </filter>
    </svg>
  )
}

const SLIDERS = [
  { name: 'brightness', say: 'Brightness', from: 0.4, to: 2.5 },
  { name: 'contrast', say: 'Contrast', from: 0.4, to: 2.5 },
  { name: 'shadows', say: 'Shadows lifted', from: 0, to: 1 },
] as const

/** The light that a picture is looked at in. Colours are read from the picture as it is. */
export function LightSliders({
  light,
  turn,
}: {
  light: LookLight
  turn: (fields: Partial<LookLight>) => void
}) {
  const isTurned = SLIDERS.some(({ name }) => light[name] !== AS_IT_IS[name])
  return (
    <fieldset className="mt-4 grid gap-x-6 gap-y-1 border-t border-rule pt-2 sm:grid-cols-3">
      <legend className="sr-only">How it is looked at</legend>
      {SLIDERS.map(({ name, say, from, to }) => (
        <label key={name} className="block">
          <span className="text-sm font-semibold text-soft">{say}</span>
          <input
            type="range"
            className="block min-h-9 w-full accent-(--act)"
            min={from}
            max={to}
            step={0.05}
            value={light[name]}
            onChange={({ target }) => turn({ [name]: Number(target.value) })}
          />
        </label>
      ))}
      {isTurned && (
        <p className="text-sm text-soft sm:col-span-3">
          Only looked at so: colours are read from the picture as it is.{' '}
          <Button size="small" onClick={() => turn(AS_IT_IS)}>
            As it is
          </Button>
        </p>
      )}
    </fieldset>
  )
}
