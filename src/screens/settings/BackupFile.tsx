import { useState } from 'react'
import { type BackupState, beginBackupHere, canBackUp, writeBackupHere } from '@/state/backupHere'
import { useSay } from '@/state/hooks'
import { useBackup } from '@/state/useBackup'
import { useStore } from '@/state/writing'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { clockTime } from '@/ui/time'
import { useNow } from '../shared/now'

/** What the file waits for, in words. */
const WAITS: Record<Exclude<BackupState['waits'], 'no'>, string> = {
  leave: 'The browser wants your leave once more before it is written.',
  word: 'There is much less here than in the file: it is left as it is until you say so.',
  failed: 'It couldn’t be written: is the disk full, or the file away?',
}

/** A file outside of the browser that is written after every change. */
export function BackupFile() {
  const store = useStore()
  const say = useSay()
  const state = useBackup(store)
  const now = useNow(60_000)
  const [busy, setBusy] = useState(false)
  const told = async (work: () => Promise<unknown>) => {
    setBusy(true)
    try {
      await work()
    } catch (error) {
      // Nobody has to choose a file.
      if ((error as Error).name !== 'AbortError') say(reasonOf(error))
    } finally {
      setBusy(false)
    }
  }
  if (!canBackUp) return null
  return (
    <section aria-labelledby="backup" className="mt-6">
      <h3 id="backup" className="font-display text-xl font-semibold">
        A file that keeps up
      </h3>
      {state ? (
        <>
          <p>
            <b className="[overflow-wrap:anywhere]">{state.name}</b>{' '}
            {state.at === null
              ? 'was not written yet.'
              : `was written ${clockTime(state.at, now)}.`}
          </p>
          {state.waits !== 'no' && (
            <p role="alert" className="border-l-4 border-risk pl-3">
              {WAITS[state.waits]}
            </p>
          )}
          <div className="mt-2 flex flex-wrap gap-2">
            <Button
              look={state.waits === 'no' ? 'plain' : 'act'}
              disabled={busy}
              onClick={() => void told(() => writeBackupHere(store))}
            >
              Write it now
            </Button>
            <Button disabled={busy} onClick={() => void told(() => store.ask('endBackup'))}>
              Stop writing it
            </Button>
          </div>
        </>
      ) : (
        <>
          <p className="text-soft">
            Choose a file, on another disk or in a folder that is copied elsewhere: a moment after
            each change all but the pictures is written into it.
          </p>
          <Button
            className="mt-2"
            disabled={busy}
            onClick={() => void told(() => beginBackupHere(store))}
          >
            Choose a file
          </Button>
        </>
      )}
    </section>
  )
}
