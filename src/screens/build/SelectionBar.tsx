'use client'

import { useState } from 'react'
import { bare } from '@/core/model/bare'
import type { Build, Part } from '@/core/model/build'
import { counted } from '@/core/model/counted'
import { isAct } from '@/core/model/isAct'
import type { ActStep } from '@/core/model/sequence'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import type { BuildEdits } from './useBuildEdits'

/** Stands for all other parts in the list. */
const ALL = '*'

/** Acts on several steps: shared with other parts, kept as a technique, taken out. */
export function SelectionBar({
  build,
  partId,
  picked,
  edits,
  onDone,
}: {
  build: Build
  partId: string
  picked: ReadonlySet<string>
  edits: BuildEdits
  onDone: () => void
}) {
  const [saving, setSaving] = useState(false)
  const others = build.parts.filter((part) => part.id !== partId)
  const count = counted(picked.size, 'step')
  const none = picked.size === 0
  const name = build.parts.find((part) => part.id === partId)?.name ?? 'this part'
  const isShared = build.steps.some((step) => picked.has(step.id) && step.parts.length > 1)
  const done = (written: boolean) => written && onDone()
  return (
    <div className="mb-3 flex flex-wrap items-center gap-2 border-y-2 border-act bg-act-wash px-3 py-2">
      <p className="mr-2 font-semibold" aria-live="polite">
        {none ? 'Pick steps' : `${count} picked`}
      </p>
      {others.length > 0 && (
        <ShareWith
          others={others}
          disabled={none}
          onShare={(to) => void edits.shareSteps([...picked], to, `Shared: ${count}`).then(done)}
        />
      )}
      <Button size="small" disabled={none} onClick={() => setSaving(true)}>
        Save as technique
      </Button>
      <Button
        size="small"
        look="stop"
        disabled={none}
        onClick={() =>
          void edits.removeSteps([...picked], [partId], `Removed from ${name}: ${count}`).then(done)
        }
      >
        Remove from {name}
      </Button>
      {isShared && (
        <Button
          size="small"
          look="stop"
          onClick={() =>
            void edits
              .removeSteps([...picked], 'every', `Removed from every part: ${count}`)
              .then(done)
          }
        >
          Remove from every part
        </Button>
      )}
      <Button size="small" onClick={onDone}>
        Done
      </Button>
      {saving && (
        <NameIt
          onSave={async (called) => {
            const technique = { id: newId(), name: called, steps: actsOf(build, picked) }
            done(await edits.saveTechnique(technique))
          }}
          onClose={() => setSaving(false)}
        />
      )}
    </div>
  )
}

function ShareWith({
  others,
  disabled,
  onShare,
}: {
  others: readonly Part[]
  disabled: boolean
  onShare: (parts: string[]) => void
}) {
  return (
    <label className="flex items-center gap-2">
      <span className="text-sm">Share with</span>
      <select
        disabled={disabled}
        value=""
        onChange={({ target }) =>
          onShare(target.value === ALL ? others.map(({ id }) => id) : [target.value])
        }
        className="control min-h-9 px-2"
      >
        <option value="" disabled>
          another part
        </option>
        {others.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
        {others.length > 1 && <option value={ALL}>all other parts</option>}
      </select>
    </label>
  )
}

/** The acts as a technique keeps them: without what ties them to this build. */
function actsOf(build: Build, picked: ReadonlySet<string>): ActStep[] {
  return build.steps.flatMap((step): ActStep[] => {
    if (!picked.has(step.id) || !isAct(step)) return []
    const { accepted, protection, ...act } = bare(step) as ActStep & { accepted?: unknown }
    return [act]
  })
}

function NameIt({
  onSave,
  onClose,
}: {
  onSave: (name: string) => Promise<void>
  onClose: () => void
}) {
  const [name, setName] = useState('')
  const [error, setError] = useState(false)
  return (
    <form
      className="flex basis-full flex-wrap gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        if (name.trim() === '') setError(true)
        else void onSave(name.trim())
      }}
      onKeyDown={(event) => event.key === 'Escape' && onClose()}
    >
      <input
        // biome-ignore lint/a11y/noAutofocus: the field was asked for a moment ago
        autoFocus
        aria-label="Name of the technique"
        placeholder="Its name"
        maxLength={120}
        value={name}
        aria-invalid={error ? true : undefined}
        onChange={(event) => setName(event.target.value)}
        className="control min-h-9 min-w-0 flex-1 basis-48 px-2"
      />
      <Button size="small" type="submit" look="act">
        Save
      </Button>
      {error && (
        <p className="basis-full text-sm font-semibold text-stop">
          Enter a name of 1 to 120 characters
        </p>
      )}
    </form>
  )
}
