'use client'
import { useRef, useState } from 'react'
import { readTechnique } from '@/core/formats/techniqueFile'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { jsonOf } from '../shared/jsonOf'
import { sayRefused } from '../shared/problemWords'

/** Takes a technique from a file: all of it, or a sentence with the path of what is wrong. */
export function ImportTechnique({ onTaken }: { onTaken: (id: string) => void }) {
  const project = useProject()
  const run = useRun()
  const input = useRef<HTMLInputElement>(null)
  const [error, setError] = useState<string | null>(null)
  const take = async (file: File) => {
    const read = readTechnique(await jsonOf(file))
    if (!read.ok) {
      setError(sayRefused(read.problems))
      return
    }
    setError(null)
    const known = project.techniques?.some((technique) => technique.id === read.value.id)
    const label = `${known ? 'Replaced' : 'Imported'}: ${read.value.name}`
    if (await run('saveTechnique', read.value, label)) onTaken(read.value.id)
  }
  return (
    <>
      <Button size="small" onClick={() => input.current?.click()}>
        Import one
      </Button>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label="Technique file"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) void take(file)
        }}
      />
      {error && (
        <p role="alert" className="basis-full text-sm font-semibold text-stop">
          {error}
        </p>
      )}
    </>
  )
}
