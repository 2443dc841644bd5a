'use client'
import { useMemo, useState } from 'react'
import type { Build, Part } from '@/core/model/build'
import { plannedAt } from '@/core/schedule'
import { usePlan } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { useNow } from '../shared/now'
import { panelHref } from '../shared/panelHref'
import { testHref } from '../shared/testHref'
import { Accidents } from './Accidents'
import { AddStep } from './AddStep'
import { followers } from './AllFindings'
import { CutThrough } from './CutThrough'
import { FindingRow } from './FindingRow'
import type { ShownPart } from './judged'
import { OpenSample } from './OpenSample'
import { PartFacts } from './PartFacts'
import { SelectionBar } from './SelectionBar'
import { sampleRows } from './sampleRows'
import { toggled } from './toggled'
import { useAdding } from './useAdding'
import { type BuildEdits, useBuildEdits } from './useBuildEdits'
import { useChosen } from './useChosen'
import { useJudged } from './useJudged'
import { type Hover, Verdict } from './Verdict'

const NONE: ReadonlySet<string> = new Set()

/** One part's core sample with what can be done to it, the chosen step open in its place; under it the part itself. */
export function PartSample({ build, part }: { build: Build; part: Part }) {
  const now = useNow(60_000)
  const ref = useMemo(() => ({ build: build.id, part: part.id }), [build.id, part.id])
  const chosen = useChosen(build)
  const [hover, setHover] = useState<Hover | null>(null)
  const [picked, setPicked] = useState<ReadonlySet<string> | null>(null)
  const [zone, cutThrough] = useState<string | null>(null)
  const judged = useJudged(ref, zone)
  const { plan } = usePlan()
  const edits = useBuildEdits(build, part.id)
  const adding = useAdding(build, part.id, chosen.id, edits, chosen.laid)
  if (!judged)
    return (
      <p className="mt-4 text-soft" role="status">
        {build.shelved ? 'It is archived: nothing of it is checked.' : 'Looking at it…'}
      </p>
    )
  const planned = (step: string) => (plan ? plannedAt(plan, { ...ref, step }) : null)
  const rows = sampleRows(build, judged, now, planned, (id) => (
    <FindingsAt judged={judged} step={id} build={build.id} part={part} edits={edits} />
  ))
  return (
    <div className="mt-3">
      <AddStep
        {...adding.from}
        laid={adding.laid}
        onAdd={adding.add}
        onPaint={adding.paint}
        onWait={adding.wait}
        onSay={adding.say}
      >
        {rows.length > 1 && picked === null && (
          <Button onClick={() => setPicked(NONE)}>Pick several</Button>
        )}
      </AddStep>
      <Verdict judged={judged} hover={hover} build={build} part={part.id} />
      <CutThrough build={build} part={part.id} zone={zone} onChoose={cutThrough} />
      {picked && (
        <SelectionBar
          build={build}
          partId={part.id}
          picked={picked}
          edits={edits}
          onDone={() => setPicked(null)}
        />
      )}
      {rows.length === 0 && (
        <p className="mb-3 py-6 text-lg">
          No steps yet. Type the first one above, or tap it: most parts begin with a primer.
        </p>
      )}
      <OpenSample
        build={build}
        part={part}
        judged={judged}
        rows={rows}
        edits={edits}
        chosen={chosen}
        onHover={(id, before) => setHover(id === null ? null : { id, before })}
        onDrop={adding.drop}
        picked={picked}
        onPick={(id) => setPicked(toggled(picked ?? NONE, id))}
      />
      <PartFacts
        build={build}
        part={part}
        judged={judged}
        known={adding.from.known}
        edit={edits.edit}
      >
        <Accidents build={build} part={part} judged={judged} edit={edits.edit} />
      </PartFacts>
    </div>
  )
}

/** What is wrong at one step, with the ways out; nothing where it is sound. */
function FindingsAt({
  judged,
  step,
  build,
  part,
  edits,
}: {
  judged: ShownPart
  step: string
  build: string
  part: Part
  edits: BuildEdits
}) {
  const here = judged.findings.filter(
    (finding) => finding.step === step && finding.subject !== 'caution' && finding.follows === null,
  )
  return here.map((finding) => (
    <FindingRow
      key={`${finding.rule} ${finding.because}`}
      finding={finding}
      follow={followers(judged.findings, finding)}
      part={part.name}
      seen={panelHref({ build, part: part.id, step })}
      test={testHref({ build, part: part.id, step })}
      onApply={(remedy, on) => void edits.apply(remedy, on)}
      onAccept={(reason) => void edits.accept(finding, reason)}
    />
  ))
}
