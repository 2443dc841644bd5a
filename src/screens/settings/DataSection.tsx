'use client'

import { useEffect, useRef, useState } from 'react'
import { counted } from '@/core/model/counted'
import type { Problem } from '@/core/model/input'
import { useLoadDemo } from '@/state/demo'
import { givenText } from '@/state/documents'
import { useProject, useSay, useStock } from '@/state/hooks'
import { usePictureDesk } from '@/state/pictureDesk'
import { useReadable } from '@/state/readable'
import { useStorageAnswer } from '@/state/useStorageAnswer'
import { useRun, useStore } from '@/state/writing'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { FileButton } from '@/ui/FileButton'
import { saveBlob, saveFile } from '@/ui/saveFile'
import { clockTime } from '@/ui/time'
import { BeingRead } from '../shared/BeingRead'
import { useDropped } from '../shared/dropped'
import { sayUnread } from '../shared/exportedWords'
import { useNow } from '../shared/now'
import { useReading } from '../shared/useReading'
import { BackupFile } from './BackupFile'
import { Copies } from './Copies'
import { ImportPreview } from './ImportPreview'
import { type ChosenFile, readFile } from './readFile'

/** Saves everything: one text, or with pictures an archive of it and them. */
function useExport() {
  const { pictures = [] } = useProject()
  const store = useStore()
  const say = useSay()
  const [packing, setPacking] = useState<string | null>(null)
  const running = useRef<AbortController | null>(null)
  const save = async () => {
    const name = `tectoria-${new Date().toISOString().slice(0, 10)}`
    try {
      if (pictures.length === 0) {
        saveFile(`${name}.json`, await store.ask('handOver'), 'application/json')
        return await store.ask('rememberExport')
      }
      setPacking('Packing…')
      const { packed } = await import('@/store/photos/archive')
      running.current = new AbortController()
      const { file, unread } = await packed(
        (id) => store.ask('photoOf', id),
        await store.ask('handOver'),
        await store.ask('pictureIds'),
        (done, all) => setPacking(`Packing picture ${done} of ${all}…`),
        running.current.signal,
      )
      saveBlob(`${name}.zip`, file)
      if (unread.length > 0) say(sayUnread(unread))
      await store.ask('rememberExport')
    } catch (error) {
      const isStopped = running.current?.signal.aborted
      say(isStopped ? 'Nothing was exported.' : `Nothing was exported: ${reasonOf(error)}`)
    } finally {
      running.current = null
      setPacking(null)
    }
  }
  return { save, packing, stop: () => running.current?.abort() }
}

/** Looks at a file that is to be taken in. */
function useLook() {
  const stock = useStock()
  const say = useSay()
  const desk = usePictureDesk()
  const reading = useReading()
  const [how, setHow] = useState<string | undefined>()
  const [chosen, setChosen] = useState<ChosenFile>({ kind: 'none' })
  const look = async (file: File) => {
    setChosen({ kind: 'none' })
    setHow(undefined)
    const pictures = new Set((stock.project.pictures ?? []).map(({ id }) => id))
    const looking = { current: givenText(stock), pictures, desk, tell: setHow }
    try {
      const next = await reading.read(file.name, (signal) => readFile(file, { ...looking, signal }))
      if (next) setChosen(next)
    } catch (error) {
      say(`${file.name} can’t be read: ${reasonOf(error)}`)
    }
  }
  useDropped('project', (file) => void look(file))
  return { reading, how, chosen, look, leave: () => setChosen({ kind: 'none' }) }
}

/** Export, import with a look before, the demo, and taking everything away. */
export function DataSection() {
  const run = useRun()
  const load = useLoadDemo()
  const [wiping, setWiping] = useState(false)
  const { reading, how, chosen, look, leave } = useLook()
  const { save, packing, stop } = useExport()
  return (
    <section id="data" aria-labelledby="data-title">
      <h2 id="data-title" className="font-display text-2xl font-semibold">
        Your data
      </h2>
      <p className="text-soft">
        It lives in this browser and nowhere else. One file holds all of it: builds, shelf, mixes,
        log, times, pictures.
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button look="act" disabled={packing !== null} onClick={() => void save()}>
          {packing ?? 'Export everything'}
        </Button>
        {packing && <Button onClick={stop}>Stop packing</Button>}
        <HandOver />
        <FileButton
          say="Import a file"
          accept=".json,.zip,application/json"
          onFile={(file) => void look(file)}
        />
        <Button onClick={() => void load()}>Load the demo bench</Button>
        <Button onClick={() => void run('forgetChanges')}>Forget what can be undone</Button>
        <Button look="stop" onClick={() => setWiping(true)}>
          Wipe everything
        </Button>
      </div>
      {wiping && (
        <div role="alert" className="mt-3 border-l-4 border-stop pl-3">
          <p>
            This takes everything out of this browser. It can be undone until you forget it too, and
            a copy stays below for a month; an exported file lasts.
          </p>
          <div className="mt-2 flex gap-2">
            <Button
              look="stop"
              onClick={() => {
                setWiping(false)
                void run('wipe')
              }}
            >
              Wipe it
            </Button>
            <Button onClick={() => setWiping(false)}>Leave it all there</Button>
          </div>
        </div>
      )}
      <BeingRead reading={reading} how={how} />
      <Outcome chosen={chosen} onDone={leave} />
      <Kept />
      <BackupFile />
      <Copies />
    </section>
  )
}

/** Gives everything but the pictures to another device, through whatever this one shares by; nothing where it can't. */
function HandOver() {
  const store = useStore()
  const say = useSay()
  const [kind, setKind] = useState<Shareable | null>(null)
  useEffect(
    () =>
      setKind(
        SHAREABLE.find((one) => navigator.canShare?.({ files: [fileOf(one, '{}')] })) ?? null,
      ),
    [],
  )
  if (!kind) return null
  const share = async () => {
    try {
      await navigator.share({
        title: 'Tectoria',
        files: [fileOf(kind, await store.ask('handOver'))],
      })
    } catch (error) {
      // Nobody has to choose whom to give it to.
      if ((error as Error).name !== 'AbortError') say(`Nothing was given: ${reasonOf(error)}`)
    }
  }
  return <Button onClick={() => void share()}>Give it to another device</Button>
}

/** Some browsers share no JSON, but any text; it is read by what is in it, whatever it is called. */
const SHAREABLE = [
  { name: 'tectoria.json', type: 'application/json' },
  { name: 'tectoria.txt', type: 'text/plain' },
] as const
type Shareable = (typeof SHAREABLE)[number]

function fileOf({ name, type }: Shareable, text: string): File {
  return new File([text], name, { type })
}

/** What the browser said to keeping it, and how old the last file is. */
function Kept() {
  const store = useStore()
  const { acts = [] } = useProject()
  const kept = useStorageAnswer()
  const now = useNow(60_000)
  const last = useReadable(store.watched('lastExport'))?.answer ?? null
  const since = acts.length - (last?.acts ?? 0)
  return (
    <p className="mt-3">
      {kept
        ? 'This browser has promised to keep it.'
        : 'This browser may throw it away when space is short: install Tectoria, or export now and then.'}{' '}
      {last
        ? `All of it was in a file ${clockTime(last.at, now)}${since > 0 ? `, ${counted(since, 'act')} ago` : ''}.`
        : 'It was never in a file yet.'}
    </p>
  )
}

function Outcome({ chosen, onDone }: { chosen: ChosenFile; onDone: () => void }) {
  if (chosen.kind === 'none') return null
  if (chosen.kind === 'refused') return <Refused {...chosen} />
  return <ImportPreview chosen={chosen} onDone={onDone} />
}

function Refused({
  name,
  problems,
  more,
}: {
  name: string
  problems: readonly Problem[]
  more: number
}) {
  return (
    <div role="alert" className="mt-4 border-l-4 border-stop pl-3">
      <p className="font-semibold">{name} was not imported, and nothing has changed.</p>
      <ul className="mt-1 text-sm">
        {problems.map((problem) => (
          <li key={`${problem.path} ${problem.expected}`} className="break-words">
            <strong>{problem.path === '' ? 'The file' : problem.path}</strong>: found{' '}
            {problem.found}, expected {problem.expected}
          </li>
        ))}
        {more > 0 && <li>and {more} more</li>}
      </ul>
    </div>
  )
}
