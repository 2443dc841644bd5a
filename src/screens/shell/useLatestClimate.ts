import { useMemo } from 'react'
import type { Climate } from '@/core/model/climate'
import { useBench } from './BenchContext'

/** The room as it was last read; the reference room where it never was. */
export function useLatestClimate(): Climate {
  const { project } = useBench()
  return useMemo(() => latestClimate({ climate: project.climate }), [project.climate])
}
