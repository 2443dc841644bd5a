import type { Build, BuildAct } from '@/core/model/build'
import { counted } from '@/core/model/counted'
import { writeDate } from '@/ui/dates'

/** Name, scale and story of a build. */
export function BuildHead({ build }: { build: Build }) {
  return (
    <header>
      <h1 className="font-display text-4xl font-semibold max-sm:text-3xl">{build.name}</h1>
      <p className="mt-1 max-w-prose text-soft max-sm:line-clamp-2">
        {build.scale ? `1:${build.scale}` : 'No scale'} ·{' '}
        {build.use === 'handled' ? 'handled in play' : 'for display'} ·{' '}
        {counted(stepCount(build), 'step')}
        {build.due ? ` · wanted for ${writeDate('plain-date', Date.parse(build.due))}` : ''}
        {build.finishedOn
          ? ` · finished ${writeDate('plain-date', Date.parse(build.finishedOn))}`
          : ''}
        {build.story ? ` · ${build.story}` : ''}
      </p>
    </header>
  )
}

function stepCount(build: Build): number {
  return build.steps.filter((step): step is BuildAct => 'do' in step).length
}
