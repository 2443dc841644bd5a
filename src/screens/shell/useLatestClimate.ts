import { useMemo } from 'react'
import { type Climate, REFERENCE_CLIMATE } from '@/core/model/climate'
import { climateOf } from '@/core/plan'
import { useBench } from './BenchContext'

/** The room as it was last read; the reference room where it never was. */
export function useLatestClimate(): Climate {
  const { project } = useBench()
  return useMemo(() => {
    const readings = [...(project.climate ?? [])]
    const last = readings.sort((a, b) => Date.parse(b.at) - Date.parse(a.at))[0]
    return last ? climateOf(last) : REFERENCE_CLIMATE
  }, [project.climate])
}
