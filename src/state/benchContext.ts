'use client'
import { createContext, useContext } from 'react'
import type { Bench } from './bench'

/** The bench of this page; null: there is none yet. */
export const BenchContext = createContext<Bench | null>(null)

/** The bench of this browser. @throws Error outside of the provider */
export function useBench(): Bench {
  const bench = useContext(BenchContext)
  if (!bench) throw new Error('useBench: outside of BenchProvider')
  return bench
}
