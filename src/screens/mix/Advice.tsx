'use client'

import { useState } from 'react'
import { isReadyMade } from '@/core/colour'
import { solventRow } from '@/core/knowledge'
import {
  additiveDrops,
  cleaningFor,
  type MixJob,
  nozzleWarning,
  pressureFor,
  thinningAdvice,
} from '@/core/mixing'
import type { Bottle } from '@/core/model/bottle'
import { useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { number } from '@/ui/units'
import { useLatestClimate } from '../shared/useLatestClimate'
import { familyName } from '../shared/words'

const JOB_WORDS: readonly { value: MixJob; say: string }[] = [
  { value: 'colour', say: 'Airbrush, colour' },
  { value: 'primer', say: 'Airbrush, primer' },
  { value: 'detail', say: 'Airbrush, fine detail' },
  { value: 'clear', say: 'Airbrush, clear' },
  { value: 'metal', say: 'Airbrush, metal' },
  { value: 'mottle', say: 'Airbrush, mottle or soot' },
  { value: 'brush', say: 'Brush' },
]
/** Nozzles that are offered while the shelf has none. */
const NOZZLES = [0.2, 0.3, 0.4, 0.5] as const

/** How far to thin the first bottle for a job, at the room as it was last read. */
export function Advice({
  paint,
  ml,
  fills,
  onThin,
}: {
  paint: Bottle | null
  ml: number
  fills: number
  /** Thins the mix to a share of thinner. */
  onThin: (share: number) => void
}) {
  const climate = useLatestClimate()
  const [job, setJob] = useState<MixJob>('colour')
  const project = useProject()
  const own = (project.tools ?? []).flatMap((tool) =>
    tool.kind === 'needle' && tool.sizeMm !== undefined ? [tool.sizeMm] : [],
  )
  const nozzles = [...new Set(own.length > 0 ? own : NOZZLES)].sort((a, b) => a - b).map(String)
  const [chosen, setNozzle] = useState<string>('0.3')
  const nozzle = nozzles.includes(chosen) ? chosen : (nozzles[0] ?? '0.3')
  if (!paint) return null
  const advice = thinningAdvice(paint.family, job, climate.celsius, paint.state === 'decanted')
  const pressure = pressureFor(Number(nozzle), job)
  const clogs = nozzleWarning(Number(nozzle), job)
  return (
    <section aria-labelledby="advice" className="mt-8 border-t-2 border-strong pt-3">
      <h2 id="advice" className="font-display text-xl font-semibold">
        To start from
      </h2>
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)_7rem] gap-2">
        <SelectField
          label="Laid on with"
          value={job}
          onChange={(event) => setJob(event.target.value as MixJob)}
          choices={JOB_WORDS}
        />
        <SelectField
          label="Nozzle"
          unit="mm"
          value={nozzle}
          onChange={(event) => setNozzle(event.target.value)}
          choices={nozzles.map((value) => ({ value, say: value }))}
        />
      </div>
      <p className="mt-3">
        {isReadyMade(paint) ? (
          'It is bottled ready to use: nothing is added.'
        ) : advice.share ? (
          <>
            <strong>{percents(advice.share)} of the mix is thinner</strong>: {advice.thinnedWith}.
          </>
        ) : (
          `${familyName(paint.family)} isn’t laid on so.`
        )}
      </p>
      {advice.share && !isReadyMade(paint) && <ThinButton share={advice.share} onThin={onThin} />}
      {advice.retarder && (
        <p className="mt-1">Retarder, {advice.retarder.join(' to ')} % of the mix.</p>
      )}
      {advice.flowAid && <p className="mt-1">{flowAidWords(ml)}</p>}
      {pressure && (
        <p className="mt-1">
          {range(pressure.bar, 1)} bar, that is {range(pressure.psi, 0)} psi.
        </p>
      )}
      {pressure && <CleaningWords family={paint.family} fills={fills} />}
      {advice.because.map((reason) => (
        <p key={reason} className="mt-1 text-sm text-soft">
          {reason}
        </p>
      ))}
      {clogs && <p className="mt-2 border-l-4 border-risk pl-3">{clogs}</p>}
    </section>
  )
}

/** Flushes between fills with their time, and what cleans the brush out afterwards. */
function CleaningWords({ family, fills }: { family: Bottle['family']; fills: number }) {
  const cleaning = cleaningFor(family)
  if (!cleaning) return null
  const { flush, clean, flushMinutes, beforeItSets } = cleaning
  const flushes = fills - 1
  return (
    <p className="mt-1">
      {flushes > 0 &&
        `Flush with ${solventRow(flush).name} between the fills, ${flushes * flushMinutes} min in all. `}
      Clean out with {solventRow(clean).name}
      {beforeItSets ? ' before its pot life ends: set, it stays in the brush.' : '.'}
    </p>
  )
}

function ThinButton({
  share,
  onThin,
}: {
  share: readonly [number, number]
  onThin: (share: number) => void
}) {
  const middle = Math.round((share[0] + share[1]) * 50) / 100
  return (
    <Button size="small" className="mt-2" onClick={() => onThin(middle)}>
      Thin this mix {Math.round(middle * 100)} %
    </Button>
  )
}

function range([from, to]: readonly [number, number], places: number): string {
  return `${number(from, places, true)} to ${number(to, places, true)}`
}

function percents([from, to]: readonly [number, number]): string {
  return `${Math.round(from * 100)} to ${Math.round(to * 100)} %`
}

function flowAidWords(ml: number): string {
  const { from, to } = additiveDrops('flowAid', ml)
  return from === to
    ? `Flow aid, ${Math.max(1, to)} ${to > 1 ? 'drops' : 'drop'}.`
    : `Flow aid, ${from} to ${to} drops.`
}
