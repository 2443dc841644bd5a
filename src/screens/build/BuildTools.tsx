'use client'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { copyBuild } from '@/core/builds'
import { oneBuild } from '@/core/formats/oneBuild'
import { recipeOf } from '@/core/formats/recipe'
import { saidScale } from '@/core/formats/text/saidScale'
import { writePlan } from '@/core/formats/text/writePlan'
import { type Build, buildSchema } from '@/core/model/build'
import type { Project } from '@/core/model/project'
import { useProject, useSay } from '@/state/hooks'
import { useRun, useStore } from '@/state/writing'
import { newId } from '@/store/newId'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { saveBlob, saveFile } from '@/ui/saveFile'
import { localDay } from '@/ui/time'
import { Elsewhere } from '../shared/Elsewhere'
import { sayUnread } from '../shared/exportedWords'
import { focusFirstError } from '../shared/fieldText'
import { readForm } from '../shared/forms'
import { useArchive } from '../shared/useArchive'
import { useTypedOver } from '../shared/useTypedOver'
import { FinishedFacts } from './FinishedFacts'

/** What a build is called and is for, and what can be done with it as a whole. */
export function BuildTools({ build }: { build: Build }) {
  return (
    <details className="border-t border-rule">
      <summary className="min-h-9 cursor-pointer pt-2 font-semibold text-act">
        About this build
      </summary>
      <div className="grid gap-x-10 gap-y-5 pb-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <BuildForm build={build} />
        <div>
          <FinishedFacts build={build} />
          <BuildActs build={build} />
        </div>
      </div>
    </details>
  )
}

function factsOf({ name, scale, use, due, story }: Build) {
  return {
    name,
    scale: scale === undefined ? '' : `1:${scale}`,
    use: use ?? 'display',
    due: due ?? '',
    story: story ?? '',
  }
}

/** Reads what is typed of a build: the fields to set, null for what is taken away, or what is wrong. */
function readFacts(build: Build, typed: ReturnType<typeof factsOf>) {
  const scale = typed.scale.trim() === '' ? null : saidScale(typed.scale)
  const fields = {
    name: typed.name.trim(),
    scale,
    use: typed.use,
    due: typed.due || null,
    story: typed.story.trim() || null,
  }
  const next = Object.fromEntries(
    Object.entries({ ...build, ...fields }).filter(([, value]) => value !== null),
  )
  const read = readForm(buildSchema, next)
  const errors = read.ok ? {} : { ...read.errors }
  if (typed.scale.trim() !== '' && scale === null)
    Object.assign(errors, { scale: 'Enter a scale such as 1:72 or 1/35' })
  return { fields, errors: errors as Record<string, string> }
}

const FACTS = {
  name: 'Name of the build',
  scale: 'Scale',
  use: 'What it is for',
  due: 'Wanted for',
  story: 'Its story',
} as const

function BuildForm({ build }: { build: Build }) {
  const run = useRun()
  const { draft: typed, put, elsewhere, take } = useTypedOver(factsOf(build))
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const field = (name: keyof typeof typed) => ({
    value: typed[name],
    error: errors[name],
    onChange: (event: { target: { value: string } }) => put({ [name]: event.target.value }),
  })
  const save = () => {
    const { fields, errors: wrong } = readFacts(build, typed)
    setErrors(wrong)
    if (Object.keys(wrong).length > 0) focusFirstError(form.current)
    else void run('editBuild', build.id, { do: 'set', fields }, `Changed: ${fields.name}`)
  }
  return (
    <form
      ref={form}
      noValidate
      aria-label="About this build"
      className="grid grid-cols-2 gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <div className="col-span-2">
        <TextField label={FACTS.name} {...field('name')} />
      </div>
      <TextField label={FACTS.scale} placeholder="1:72" {...field('scale')} />
      <SelectField
        label={FACTS.use}
        {...field('use')}
        choices={[
          { value: 'display', say: 'To be looked at' },
          { value: 'handled', say: 'To be handled in play' },
        ]}
      />
      <TextField label={FACTS.due} type="date" {...field('due')} />
      <div className="col-span-2">
        <TextField label={FACTS.story} {...field('story')} />
      </div>
      <div className="col-span-2 empty:hidden">
        <Elsewhere fields={elsewhere} say={(name) => FACTS[name]} onTake={take} />
      </div>
      <div className="col-span-2">
        <Button type="submit">Save</Button>
      </div>
    </form>
  )
}

function BuildActs({ build }: { build: Build }) {
  const project = useProject()
  const run = useRun()
  const say = useSay()
  const store = useStore()
  const router = useRouter()
  const set = (fields: Record<string, unknown>, label: string) =>
    void run('editBuild', build.id, { do: 'set', fields }, label)
  const archive = useArchive(build)
  const copy = async () => {
    const made = copyBuild(build, `${build.name}, copy`, newId)
    if (await run('addBuild', made)) router.push(`/builds/${made.id}`)
  }
  const words = async () => {
    const { shelf, mixes } = project
    const text = writePlan(build, { ...(shelf ? { shelf } : {}), ...(mixes ? { mixes } : {}) })
    try {
      await navigator.clipboard.writeText(text)
      say(`${build.name} lies in the clipboard, in words`)
    } catch {
      saveFile('plan.txt', text, 'text/plain')
    }
  }
  const save = (name: string, what: Project) =>
    saveFile(name, `${JSON.stringify(what, null, 2)}\n`, 'application/json')
  const alone = async () => {
    const own = oneBuild(project, build.id)
    const ids = (own.pictures ?? []).map(({ id }) => id)
    if (ids.length === 0) return save(`${build.id}.json`, own)
    try {
      const { packed } = await import('@/store/photos/archive')
      const photo = (id: string) => store.ask('photoOf', id)
      const { file, unread } = await packed(photo, JSON.stringify(own, null, 2), ids)
      saveBlob(`${build.id}.zip`, file)
      if (unread.length > 0) say(sayUnread(unread))
    } catch (error) {
      say(`Nothing was exported: ${reasonOf(error)}`)
    }
  }
  const remove = async () => {
    if (await run('removeBuild', build.id)) router.push('/builds')
  }
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      {build.finishedOn === undefined ? (
        <Button
          onClick={() => set({ finishedOn: localDay(new Date()) }, `Finished: ${build.name}`)}
        >
          It is finished
        </Button>
      ) : (
        <Button onClick={() => set({ finishedOn: null }, `Not finished yet: ${build.name}`)}>
          Not finished yet
        </Button>
      )}
      <Button onClick={archive}>{build.shelved ? 'Bring it back' : 'Archive it'}</Button>
      <Button onClick={() => void copy()}>Duplicate the build</Button>
      <Button onClick={() => void words()}>Copy it as words</Button>
      <Button onClick={() => void alone()}>Export it alone</Button>
      <Button onClick={() => save(`${build.id}-recipe.json`, recipeOf(project, build.id, newId))}>
        Export its recipe
      </Button>
      <Button look="stop" onClick={() => void remove()}>
        Remove the build
      </Button>
    </div>
  )
}
