'use client'

import { useRef, useState } from 'react'
import type { MeshSize, MeshUnit } from '@/core/mesh'
import type { Job } from '@/state/job'
import { reasonOf } from '@/store/reason'
import { isAmount, numberOf } from './fieldText'

/** How far the reading of a mesh is, and what it comes to. */
export type MeshFile<T> = {
  typed: { unit: MeshUnit; scale: string; up: 'y' | 'z' }
  setTyped: (typed: MeshFile<T>['typed']) => void
  isScale: boolean
  /** Share that is done; null: nothing is being read. */
  progress: number | null
  failed: string | null
  found: T | null
  name: string
  read: (file: File | null) => Promise<void>
  again: () => Promise<void>
  stop: () => void
}

/** Reads mesh files in a worker, at the size that is typed; one at a time, and it can be stopped. */
export function useMeshFile<T>(
  begin: (
    name: string,
    bytes: ArrayBuffer,
    size: MeshSize,
    onProgress: (share: number) => void,
  ) => Job<T>,
): MeshFile<T> {
  const [typed, setTyped] = useState<MeshFile<T>['typed']>({ unit: 'mm', scale: '1', up: 'z' })
  const [progress, setProgress] = useState<number | null>(null)
  const [failed, setFailed] = useState<string | null>(null)
  const [found, setFound] = useState<T | null>(null)
  const file = useRef<File | null>(null)
  const running = useRef<Job<T> | null>(null)
  const scale = numberOf(typed.scale)
  const isScale = isAmount(scale, 5000)
  const read = async (next: File | null) => {
    file.current = next
    if (!next || !isScale) return
    running.current?.cancel()
    setFailed(null)
    setFound(null)
    setProgress(0)
    try {
      const size = { unit: typed.unit, scale, up: typed.up }
      const job = begin(next.name, await next.arrayBuffer(), size, setProgress)
      running.current = job
      setFound(await job.result)
    } catch (error) {
      setFailed(`${next.name} can’t be read: ${reasonOf(error)}.`)
    }
    setProgress(null)
  }
  return {
    typed,
    setTyped,
    isScale,
    progress,
    failed,
    found,
    name: file.current?.name ?? '',
    read,
    again: () => read(file.current),
    stop: () => {
      running.current?.cancel()
      setProgress(null)
    },
  }
}
