import { useId } from 'react'
import { actRow } from '@/core/knowledge'
import type { ActStep } from '@/core/model/sequence'
import { FAMILY_TEXTURE } from '@/ui/filmTexture'
import { inkOn, TextureMark } from '@/ui/TextureMark'

/** A technique at a glance: its films in order, each in its colour under the texture of its family. */
export function TechniqueFace({ steps }: { steps: readonly ActStep[] }) {
  const id = useId()
  const films = steps.filter(({ do: act, family }) => actRow(act, family).kind === 'film')
  return (
    <span aria-hidden="true" className="flex w-12 shrink-0 gap-px">
      {films.slice(0, 4).map(({ do: act, family, colour }, i) => {
        const own = family ?? actRow(act, family).family
        return (
          <svg
            // biome-ignore lint/suspicious/noArrayIndexKey: the films of a technique never move
            key={i}
            aria-hidden="true"
            className="h-5 min-w-0 flex-1 text-ink"
            style={{ background: colour ?? 'var(--plate)' }}
          >
            <pattern id={`${id}${i}`} width="8" height="8" patternUnits="userSpaceOnUse">
              {own && own !== 'must' && (
                <g color={colour ? inkOn(colour) : 'currentColor'} opacity={0.55}>
                  <TextureMark texture={FAMILY_TEXTURE[own]} />
                </g>
              )}
            </pattern>
            <rect width="100%" height="100%" fill={`url(#${id}${i})`} />
          </svg>
        )
      })}
    </span>
  )
}
