'use client'
import { useState } from 'react'
import type { Panel } from '@/core/model/panel'
import { FileButton } from '@/ui/FileButton'
import { jsonOf } from '../shared/jsonOf'
import { sayRefused } from '../shared/problemWords'

const loadReader = () => import('@/core/formats/panelRequest')

/** A panel of one's own, from a panel file: its plates, lines and rivets, its size, and how it stands. */
export function OwnLayout({ onPanel }: { onPanel: (panel: Panel) => void }) {
  const [wrong, setWrong] = useState<string | null>(null)
  const take = async (file: File) => {
    const reader = await loadReader().catch(() => null)
    if (!reader) return setWrong('What reads a panel’s file can’t be had just now. Try once more.')
    const read = reader.readPanel(await jsonOf(file))
    setWrong(read.ok ? null : sayRefused(read.problems))
    if (!read.ok) return
    const { pxPerMm: _, ...panel } = read.value.panel ?? {}
    onPanel(panel)
  }
  return (
    <>
      <FileButton
        say="Use the panel of a file"
        accept=".json,application/json"
        onFile={(file) => void take(file)}
      />
      {wrong && (
        <p role="alert" className="mt-1 basis-full border-l-4 border-stop pl-3">
          {wrong}
        </p>
      )}
    </>
  )
}
