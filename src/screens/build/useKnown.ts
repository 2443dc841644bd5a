import { useMemo } from 'react'
import type { Known } from '@/core/formats/text/lexicon'
import { TECHNIQUES } from '@/core/knowledge'
import type { Build } from '@/core/model/build'
import { useProject } from '@/state/hooks'

/** What may be named in a line of text: parts of the build, bottles, saved mixes, techniques of the library and one's own. */
export function useKnown(build: Build | null): Known {
  const { shelf, mixes, techniques } = useProject()
  return useMemo(
    () => ({
      ...(build ? { parts: build.parts } : {}),
      shelf: shelf ?? [],
      mixes: mixes ?? [],
      techniques: [
        ...(techniques ?? []),
        ...TECHNIQUES.map(({ name, steps }) => ({ name, steps: steps.map(({ step }) => step) })),
      ],
    }),
    [build, shelf, mixes, techniques],
  )
}
