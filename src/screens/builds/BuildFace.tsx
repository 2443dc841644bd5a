import type { PartPlan } from '@/core/builds'
import type { Build } from '@/core/model/build'
import type { Mesh } from '@/core/model/mesh'
import { filmsOf, PartShape } from '../shared/PartShape'
import { useOutlines } from '../shared/useOutlines'

/** A build at a glance: its parts as their shapes, in their present colours; a part without one as a strip of its films. */
export function BuildFace({
  build,
  meshes,
  plans,
}: {
  build: Build
  meshes: readonly Mesh[]
  plans: readonly PartPlan[]
}) {
  const outlineOf = useOutlines()
  const shaped = build.parts.filter((part) => outlineOf(part, meshes))
  if (shaped.length === 0) return <Strips build={build} plans={plans} />
  const outlines = shaped.flatMap((part) => outlineOf(part, meshes) ?? [])
  const largest = Math.max(...outlines.map(({ width, height }) => Math.max(width, height * 2)))
  return (
    <span className="flex flex-wrap items-end gap-x-2 gap-y-1">
      {shaped.map((part) => (
        <PartShape
          key={part.id}
          build={build}
          part={part}
          meshes={meshes}
          plan={plans.find((plan) => plan.part === part.id)}
          box={FACE}
          // Parts of one build are drawn to one scale.
          most={FACE.width / largest}
        />
      ))}
    </span>
  )
}

/** As large as one part may be, px. */
const FACE = { width: 150, height: 75 }

/** Each part a strip of its films, the lowest at the bottom; what is only planned is paler. */
function Strips({ build, plans }: { build: Build; plans: readonly PartPlan[] }) {
  return (
    <span aria-hidden="true" className="flex h-20 items-end gap-1">
      {build.parts.map(({ id }) => {
        const plan = plans.find(({ part }) => part === id)
        return (
          <span key={id} className="flex h-full w-7 min-w-1 flex-initial flex-col-reverse bg-sunk">
            {filmsOf(build, id, plan).map(({ step, colour, coats, done }) => (
              <span
                key={step}
                className="min-h-0.5 w-full border-t border-ink/20"
                style={{
                  flex: `0 1 ${coats * 8}px`,
                  background: colour,
                  opacity: done ? 1 : 0.5,
                }}
              />
            ))}
          </span>
        )
      })}
    </span>
  )
}
