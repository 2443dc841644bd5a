'use client'

import { useSearchParams } from 'next/navigation'
import { Suspense, useState } from 'react'
import { TECHNIQUE_GROUPS, TECHNIQUES, type Technique } from '@/core/knowledge'
import type { ActStep } from '@/core/model/sequence'
import type { OwnTechnique } from '@/core/model/technique'
import { useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { setAddress } from '../shared/address'
import { Compare } from './Compare'
import { ImportTechnique } from './ImportTechnique'
import { OwnView } from './OwnView'
import { TechniqueFace } from './TechniqueFace'
import { TechniqueView } from './TechniqueView'

export function LibraryScreen() {
  return (
    <Suspense>
      <Library />
    </Suspense>
  )
}

const COMPARE = 'compare'

function Library() {
  const project = useProject()
  const query = useSearchParams()
  const own = project.techniques ?? []
  const id = query.get('id') ?? 'recess-wash'
  const build = query.get('build')
  const open = (next: string) => setAddress('/library', { id: next })
  const mine = own.find((technique) => technique.id === id)
  const entry = TECHNIQUES.find((technique) => technique.id === id)
  if (id === COMPARE)
    return (
      <div className="p-4 lg:p-6">
        <Compare onOpen={open} />
      </div>
    )
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-6 p-4 lg:grid-cols-[17rem_minmax(0,1fr)] lg:p-6">
      <Index own={own} chosen={id} onOpen={open} />
      <div className="min-w-0">
        {mine && (
          <OwnView
            key={mine.id}
            technique={mine}
            build={build}
            onGone={() => open('recess-wash')}
          />
        )}
        {!mine && entry && <TechniqueView key={entry.id} technique={entry} build={build} />}
        {!mine && !entry && (
          <section>
            <h2 className="font-display text-3xl font-semibold">No such technique</h2>
            <p className="mt-2 text-soft">It may have been removed. Choose one from the list.</p>
          </section>
        )}
      </div>
    </div>
  )
}

function matches(technique: Technique, words: readonly string[]): boolean {
  const text = `${technique.name} ${technique.purpose} ${technique.tools.join(' ')}`.toLowerCase()
  return words.every((word) => text.includes(word))
}

/** Every entry under its heading; a few words narrow it. */
function Index({
  own,
  chosen,
  onOpen,
}: {
  own: readonly OwnTechnique[]
  chosen: string
  onOpen: (id: string) => void
}) {
  const [text, setText] = useState('')
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const found = TECHNIQUES.filter((technique) => matches(technique, words))
  const mine = own.filter((technique) =>
    words.every((word) => technique.name.toLowerCase().includes(word)),
  )
  return (
    <nav aria-label="Techniques" data-screen-only="" className="min-w-0">
      <h1 className="font-display text-4xl font-semibold">Techniques</h1>
      <input
        aria-label="Narrow the techniques"
        placeholder="Narrow: rust, sponge, gloss"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="control mt-3 min-h-11 w-full px-2.5"
      />
      <div className="mt-2 flex flex-wrap gap-2">
        <Button size="small" onClick={() => onOpen(COMPARE)}>
          Compare ways to chip
        </Button>
        <ImportTechnique onTaken={onOpen} />
      </div>
      <div className="mt-3 max-h-72 overflow-y-auto lg:max-h-[calc(100vh-17rem)]">
        {mine.length > 0 && (
          <Heading name="Your own">
            {mine.map((technique) => (
              <Entry
                key={technique.id}
                id={technique.id}
                name={technique.name}
                steps={technique.steps}
                chosen={chosen}
                onOpen={onOpen}
              />
            ))}
          </Heading>
        )}
        {TECHNIQUE_GROUPS.map((group) => {
          const entries = found.filter((technique) => technique.group === group)
          return entries.length === 0 ? null : (
            <Heading key={group} name={group}>
              {entries.map((entry) => (
                <Entry
                  key={entry.id}
                  id={entry.id}
                  name={entry.name}
                  steps={entry.steps.map(({ step }) => step)}
                  chosen={chosen}
                  onOpen={onOpen}
                />
              ))}
            </Heading>
          )
        })}
        {found.length + mine.length === 0 && <p className="py-3 text-soft">Nothing matches.</p>}
      </div>
    </nav>
  )
}

function Heading({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <section className="mb-3">
      <h2 className="border-b border-rule pb-0.5 text-sm font-semibold text-soft">{name}</h2>
      <ul>{children}</ul>
    </section>
  )
}

function Entry({
  id,
  name,
  steps,
  chosen,
  onOpen,
}: {
  id: string
  name: string
  steps: readonly ActStep[]
  chosen: string
  onOpen: (id: string) => void
}) {
  return (
    <li>
      <button
        type="button"
        aria-current={id === chosen ? 'true' : undefined}
        onClick={() => onOpen(id)}
        className={cx(
          'flex min-h-9 w-full items-center gap-2.5 px-2 py-1 text-left leading-tight',
          id === chosen ? 'bg-act-wash font-semibold' : 'hover:bg-sunk',
        )}
      >
        <TechniqueFace steps={steps} />
        {name}
      </button>
    </li>
  )
}
