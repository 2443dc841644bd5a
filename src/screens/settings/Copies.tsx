import { useCallback, useEffect, useState } from 'react'
import { useSay } from '@/state/hooks'
import { useRun, useStore } from '@/state/writing'
import type { Copy } from '@/store/actions/copiesHere'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/saveFile'
import { clockTime } from '@/ui/time'
import { number } from '@/ui/units'
import { useNow } from '../shared/now'

/** Why a copy was kept, in words. */
const WHY: Record<Copy['why'], string> = {
  daily: 'of the day',
  asked: 'that you asked for',
  wipe: 'before everything was wiped',
  demo: 'before the demo came',
  import: 'before a file was imported',
  upgrade: 'before a newer Tectoria brought it up to date',
  return: 'before a copy was brought back',
}

/** Copies of all rows, beside the database: a week's, and those from before something large. */
export function Copies() {
  const store = useStore()
  const say = useSay()
  const now = useNow(60_000)
  const [copies, setCopies] = useState<Copy[] | null>([])
  const look = useCallback(
    () => void store.ask('copiesHere').then(setCopies, () => setCopies(null)),
    [store],
  )
  useEffect(look, [look])
  const told = (work: Promise<unknown>) =>
    void work.catch((error: unknown) => say(reasonOf(error))).then(look)
  if (copies === null)
    return (
      <p className="mt-4">
        This browser has no place for copies: what you export is the only one there is.
      </p>
    )
  return (
    <section aria-labelledby="copies" className="mt-6">
      <h3 id="copies" className="font-display text-xl font-semibold">
        Copies in this browser
      </h3>
      <p className="text-soft">
        One a day for a week, and one from before anything that takes much away, for a month, with
        their pictures while there is room. They go with the browser’s data: only a file you export
        outlasts that.
      </p>
      <ul aria-label="Copies" className="mt-2">
        {copies.map((copy) => (
          <OneCopy key={copy.name} copy={copy} now={now} told={told} />
        ))}
      </ul>
      <Button className="mt-2" onClick={() => told(store.ask('keepCopyNow'))}>
        Keep a copy now
      </Button>
    </section>
  )
}

/** A copy, to be saved, brought back, or thrown away. */
function OneCopy({
  copy,
  now,
  told,
}: {
  copy: Copy
  now: number
  told: (work: Promise<unknown>) => void
}) {
  const store = useStore()
  const run = useRun()
  const [isSure, setSure] = useState(false)
  const { name } = copy
  const save = async () =>
    saveFile(name.replace(/\.gz$/, ''), await store.ask('copyText', name), 'application/json')
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-rule py-1.5">
      <span className="min-w-0 flex-1 basis-56">
        {clockTime(copy.at, now)}{' '}
        <span className="text-soft">
          {WHY[copy.why]}, {number(copy.bytes / 1000, 0)} kB
        </span>
      </span>
      <Button size="small" onClick={() => told(save())}>
        Save as a file
      </Button>
      <Button size="small" onClick={() => told(run('bringBack', name))}>
        Bring it back
      </Button>
      <Button
        size="small"
        look="stop"
        onClick={() => (isSure ? told(store.ask('dropCopy', name)) : setSure(true))}
      >
        {isSure ? 'Delete it for good' : 'Delete it'}
      </Button>
    </li>
  )
}
