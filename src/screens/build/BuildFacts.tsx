'use client'
import type { Build } from '@/core/model/build'
import { useEditBuild } from '@/state/writing'
import { Later } from '@/ui/Later'
import { Brief } from './Brief'
import { BuildTools } from './BuildTools'
import { Lengths } from './Lengths'
import { RelayClears, Schools } from './Schools'

type LiningSurface = NonNullable<NonNullable<Build['school']>['liningSurface']>

const SURFACES: readonly { value: LiningSurface; say: string; told: string }[] = [
  { value: 'gloss', say: 'gloss', told: 'Lining runs farthest and cleans best; one clear more.' },
  {
    value: 'satin',
    say: 'satin',
    told: 'Lining runs far enough, with a slight stain; one clear fewer.',
  },
  { value: 'matt', say: 'straight on matt', told: 'Lining spreads and tints the face on purpose.' },
]

/** What is chosen for a build as a whole, and what can be done with it. */
export function BuildFacts({ build }: { build: Build }) {
  const editBuild = useEditBuild()
  const surface = build.school?.liningSurface ?? 'gloss'
  const choose = (value: LiningSurface) =>
    void editBuild(
      build.id,
      (now) => ({ do: 'set', fields: { school: { ...now.school, liningSurface: value } } }),
      `Lining on ${value}`,
    )
  return (
    <section aria-label="The build" className="mt-10 border-t-4 border-rule pt-4">
      <fieldset className="min-w-0">
        <legend className="text-sm font-semibold text-soft">Lining goes over</legend>
        <div className="flex">
          {SURFACES.map(({ value, say }) => (
            <label
              key={value}
              className="key ml-px flex min-h-11 cursor-pointer items-center px-3 first:ml-0 has-focus-visible:outline-3 has-focus-visible:outline-act"
            >
              <input
                type="radio"
                name="lining-surface"
                className="sr-only"
                checked={value === surface}
                onChange={() => choose(value)}
              />
              {say}
            </label>
          ))}
        </div>
        <p className="text-sm text-soft">
          {SURFACES.find((otherSurface) => otherSurface.value === surface)?.told}
        </p>
        <RelayClears build={build} />
      </fieldset>
      <div className="mt-4">
        <Later>
          <Brief build={build} />
          <Schools build={build} />
          <Lengths build={build} />
          <BuildTools build={build} />
        </Later>
      </div>
    </section>
  )
}
