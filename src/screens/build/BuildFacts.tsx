'use client'
import type { Build, BuildAct } from '@/core/model/build'
import { useRun } from '@/state/hooks'
import { editBuild } from '@/store/actions/builds'
import { cx } from '@/ui/cx'
import { localeHere } from '@/ui/units'
import { BuildTools } from './BuildTools'
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

const DAY = new Intl.DateTimeFormat(localeHere(), { dateStyle: 'medium', timeZone: 'UTC' })

/** Name, scale and school of a build. */
export function BuildFacts({ build }: { build: Build }) {
  const run = useRun()
  const surface = build.school?.liningSurface ?? 'gloss'
  const choose = (value: LiningSurface) =>
    void run(
      editBuild,
      build.id,
      { do: 'set', fields: { school: { ...build.school, liningSurface: value } } },
      `Lining on ${value}`,
    )
  return (
    <header className="grid items-end gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1fr)_auto]">
      <div className="min-w-0">
        <h1 className="font-display text-4xl font-semibold">{build.name}</h1>
        <p className="mt-1 text-soft">
          {build.scale ? `1:${build.scale}` : 'No scale'} ·{' '}
          {build.use === 'handled' ? 'handled in play' : 'for display'} · {stepCount(build)} steps
          {build.due ? ` · wanted for ${DAY.format(Date.parse(build.due))}` : ''}
          {build.finishedOn ? ` · finished ${DAY.format(Date.parse(build.finishedOn))}` : ''}
          {build.story ? ` · ${build.story}` : ''}
        </p>
      </div>
      <fieldset className="min-w-0">
        <legend className="text-sm font-semibold text-soft">Lining goes over</legend>
        <div className="flex">
          {SURFACES.map(({ value, say }) => (
            <label
              key={value}
              className={cx(
                'flex min-h-11 cursor-pointer items-center border-2 px-3 -ml-0.5 first:ml-0 first:rounded-l-tool last:rounded-r-tool has-focus-visible:outline-3 has-focus-visible:outline-act',
                value === surface
                  ? 'z-10 border-act bg-act-wash font-semibold'
                  : 'border-strong bg-raised',
              )}
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
      <div className="lg:col-span-2">
        <Schools build={build} />
        <BuildTools build={build} />
      </div>
    </header>
  )
}

function stepCount(build: Build): number {
  return build.steps.filter((step): step is BuildAct => 'do' in step).length
}
