'use client'
import Link from 'next/link'
import type { StoredMix } from '@/core/model/mix'
import type { Project } from '@/core/model/project'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { writeDate } from '@/ui/dates'
import { Swatch } from '@/ui/Swatch'
import { LeftOver } from './LeftOver'

/** Mixes that were kept, the newest first. */
export function Recipes({ onOpen }: { onOpen: (mix: StoredMix) => void }) {
  const project = useProject()
  const run = useRun()
  const mixes = [...(project.mixes ?? [])].sort((a, b) => Date.parse(b.at) - Date.parse(a.at))
  return (
    <section aria-labelledby="kept" className="mt-10">
      <h2 id="kept" className="font-display text-xl font-semibold">
        Saved mixes
      </h2>
      {mixes.length === 0 && (
        <p className="mt-2 text-soft">None yet. Name the mix above and save it for touch-ups.</p>
      )}
      <ul className="mt-2 border-t-2 border-strong">
        {mixes.map((mix) => (
          <li key={mix.id} className="flex flex-wrap items-center gap-4 border-b border-rule py-2">
            <Swatch colour={mix.colour} />
            <span className="min-w-0 flex-1 basis-48">
              <span className="block font-semibold">{mix.name}</span>
              <span className="block text-sm text-soft">
                {forWords(mix, project)}
                {mix.ingredients
                  .map((ingredient) => `${ingredient.name} ${ingredient.parts}`)
                  .join(' : ')}{' '}
                · {writeDate('day', Date.parse(mix.at))}
              </span>
            </span>
            <LeftOver mix={mix} />
            <Link
              href={`/mix?label=${mix.id}`}
              className="key inline-flex min-h-11 items-center px-4"
            >
              Label
            </Link>
            <Button onClick={() => onOpen(mix)}>Mix it again</Button>
            <Button onClick={() => void run('removeMix', mix)}>Remove</Button>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** The build that a mix is for, before its ingredients. */
function forWords({ build, part }: StoredMix, project: Project): string {
  const found = project.builds?.find((otherBuild) => otherBuild.id === build)
  if (!found) return ''
  const name = found.parts.find((otherPart) => otherPart.id === part)?.name
  return `${found.name}${name ? `, ${name}` : ''} · `
}
