import { useState } from 'react'
import { STARTER_KINDS, STARTERS, type Starter, type StarterKind } from '@/core/knowledge'
import type { Build } from '@/core/model/build'
import { counted } from '@/core/model/counted'
import { buildOfFile } from '@/state/files'
import { cx } from '@/ui/cx'
import { FileButton } from '@/ui/FileButton'
import { BeingRead } from '../shared/BeingRead'
import { useDropped } from '../shared/dropped'
import { sayRefused } from '../shared/problemWords'
import { useReading } from '../shared/useReading'

/** What a build begins with: a starting sequence, nothing, or what another one is. */
export type Beginning =
  | { is: 'starter'; starter: Starter }
  | { is: 'empty' }
  | { is: 'copy'; build: Build }

/** Chooses what a build begins with. A file may hold a build, a plan in words, a sequence. */
export function BeginWith({
  from,
  builds,
  onChoose,
}: {
  from: Beginning
  builds: readonly Build[]
  /** @param name what a file calls it */
  onChoose: (from: Beginning, name?: string) => void
}) {
  const [refused, setRefused] = useState<string | null>(null)
  const [read, setRead] = useState<Build | null>(null)
  const reading = useReading()
  const take = async (file: File) => {
    const answer = await reading.read(file.name, (signal) => buildOfFile(file, signal))
    if (!answer) return
    setRead(answer.ok ? answer.value : null)
    setRefused(answer.ok ? null : `${file.name}, ${sayRefused(answer.problems)}`)
    if (answer.ok) onChoose({ is: 'copy', build: answer.value }, answer.value.name)
  }
  useDropped('plan', (file) => void take(file))
  return (
    <fieldset className="min-w-0">
      <legend className="font-display text-xl font-semibold">Begin with</legend>
      <div className="mt-3 border-t border-rule">
        <Choice
          name="Nothing yet"
          about="One part, no steps: type them, or paste a plan."
          chosen={from.is === 'empty'}
          onChoose={() => onChoose({ is: 'empty' })}
        />
        {read && (
          <Choice
            name={read.name}
            about={`From the file: ${counted(read.parts.length, 'part')}, ${counted(read.steps.length, 'step')}.`}
            chosen={from.is === 'copy' && from.build === read}
            onChoose={() => onChoose({ is: 'copy', build: read })}
          />
        )}
      </div>
      <div className="mt-2">
        <FileButton
          say="A plan from a file"
          accept=".json,.txt,.zip"
          onFile={(file) => void take(file)}
        />
        <BeingRead reading={reading} />
        {refused && (
          <p role="alert" className="mt-1 text-sm font-semibold text-stop">
            {refused}
          </p>
        )}
      </div>
      <Starters from={from} onChoose={onChoose} />
      <YourBuilds from={from} builds={builds} onChoose={onChoose} />
    </fieldset>
  )
}

function Starters({ from, onChoose }: { from: Beginning; onChoose: (from: Beginning) => void }) {
  return (
    <>
      {STARTER_KINDS.map((kind) => (
        <div key={kind} className="mt-3">
          <p className="text-sm font-semibold text-soft">{KIND_WORDS[kind]}</p>
          <div className="mt-1 border-t border-rule">
            {STARTERS.filter((starter) => starter.kind === kind).map((starter) => (
              <Choice
                key={starter.id}
                name={starter.name}
                scale={starter.scale}
                about={starter.about}
                chosen={from.is === 'starter' && from.starter.id === starter.id}
                onChoose={() => onChoose({ is: 'starter', starter })}
              />
            ))}
          </div>
        </div>
      ))}
    </>
  )
}

function YourBuilds({
  from,
  builds,
  onChoose,
}: {
  from: Beginning
  builds: readonly Build[]
  onChoose: (from: Beginning) => void
}) {
  if (builds.length === 0) return null
  return (
    <div className="mt-3">
      <p className="text-sm font-semibold text-soft">The same as a build of yours</p>
      <div className="mt-1 border-t border-rule">
        {builds.map((build) => (
          <Choice
            key={build.id}
            name={build.name}
            {...(build.scale === undefined ? {} : { scale: build.scale })}
            about={`${build.parts.map(({ name }) => name).join(', ')}; ${counted(build.steps.length, 'step')}.`}
            chosen={from.is === 'copy' && from.build.id === build.id}
            onChoose={() => onChoose({ is: 'copy', build })}
          />
        ))}
      </div>
    </div>
  )
}

const KIND_WORDS = {
  ship: 'Ships',
  mecha: 'Mecha and machines',
  miniature: 'Miniatures',
  terrain: 'Terrain',
  car: 'Car bodies',
} as const satisfies Record<StarterKind, string>

function Choice({
  name,
  scale,
  about,
  chosen,
  onChoose,
}: {
  name: string
  scale?: number
  about: string
  chosen: boolean
  onChoose: () => void
}) {
  return (
    <label
      className={cx(
        'grid min-h-11 cursor-pointer grid-cols-[auto_minmax(0,1fr)] items-center gap-3 border-b border-rule px-2 py-1.5',
        chosen ? 'bg-act-wash' : 'hover:bg-sunk',
      )}
    >
      <input
        type="radio"
        name="beginning"
        className="size-5 shrink-0"
        checked={chosen}
        onChange={onChoose}
      />
      <span className="grid min-w-0 gap-x-4 md:grid-cols-[12rem_minmax(0,1fr)]">
        <span className="min-w-0 break-words font-semibold">
          {name} {scale !== undefined && <span className="font-normal text-soft">1:{scale}</span>}
        </span>
        <span className="min-w-0 text-sm">{about}</span>
      </span>
    </label>
  )
}
