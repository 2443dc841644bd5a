import { useMemo, useState } from 'react'
import type { StoredMix } from '@/core/model/mix'
import type { Project } from '@/core/model/project'
import { refOf } from '@/core/model/stepRef'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { keptMix } from './keep'
import { type Amount, BEGIN, cupSizes, type Line, linesOf, readMix, requestOf } from './request'

/** What lies on the mixing desk: what is typed, what it comes to, and what can be done with it. */
export type MixDesk = ReturnType<typeof useMixDesk>

const USUAL: Amount = {
  by: 'volume',
  volume: '6',
  area: '374',
  coats: 'light, light',
  tool: 'airbrush',
  open: false,
}

/** The area of the part that a mix is for, cm²; null: nobody has said it. */
function areaOf({ builds }: Project, asked: string | null): number | null {
  const ref = asked === null ? null : refOf(asked)
  const build = builds?.find(({ id }) => id === ref?.build)
  return build?.parts.find(({ id }) => id === ref?.part)?.areaCm2 ?? null
}

/**
 * The mix as it is typed. Nothing of it is stored until it is kept.
 *
 * @param asked the part that it is for, as `build/part`; null: nobody asked
 */
export function useMixDesk(asked: string | null) {
  const project = useProject()
  const area = areaOf(project, asked)
  const run = useRun()
  const shelf = useMemo(() => project.shelf ?? [], [project])
  const [lines, setLines] = useState<readonly Line[]>(BEGIN)
  const [amount, setAmount] = useState<Amount>(
    area === null ? USUAL : { ...USUAL, by: 'area', area: String(area) },
  )
  const [cup, setCup] = useState('7')
  const [name, setName] = useState('')
  const [nameError, setNameError] = useState<string | null>(null)
  const [takenOut, setTakenOut] = useState(true)
  const [forBuild, setForBuild] = useState(asked ?? '')
  const { mixed, errors } = useMemo(
    () => readMix(requestOf(lines, amount, cup, shelf)),
    [lines, amount, cup, shelf],
  )
  /** Keeps the mix under its name. @returns does every field read? */
  const keep = (): boolean => {
    const said = name.trim()
    setNameError(said === '' ? 'Enter a name of 1 to 120 characters' : null)
    if (!mixed || said === '') return false
    const { mix, drawn } = keptMix(said, lines, mixed, shelf, { takenOut, forBuild })
    void run('keepMix', mix, drawn, true).then((written) => written && setName(''))
    return true
  }
  return {
    shelf,
    cups: cupSizes(project.tools ?? []),
    ...{ lines, setLines, amount, setAmount, cup, setCup, mixed, errors },
    ...{ name, setName, nameError, takenOut, setTakenOut, forBuild, setForBuild },
    keep,
    open: (stored: StoredMix) => setLines(linesOf(stored, shelf)),
  }
}
