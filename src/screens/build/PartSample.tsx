'use client'
import { useMemo, useState } from 'react'
import type { Build, Part } from '@/core/model/build'
import { plannedAt } from '@/core/schedule'
import { usePlan } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { useNow } from '../shared/now'
import { OnDemand } from '../shared/OnDemand'
import { panelHref } from '../shared/panelHref'
import { testHref } from '../shared/testHref'
import { AddStep } from './AddStep'
import { CutThrough } from './CutThrough'
import { FindingRow } from './FindingRow'
import { followers } from './followers'
import type { ShownPart } from './judged'
import { Looking } from './Looking'
import { OpenSample } from './OpenSample'
import { sampleRows } from './sampleRows'
import { toggled } from './toggled'
import { useAdding } from './useAdding'
import { type BuildEdits, useBuildEdits } from './useBuildEdits'
import { useChosen } from './useChosen'
import { useJudged } from './useJudged'
import { type Hover, Verdict } from './Verdict'

const loadFacts = () => import('./PartFacts')
const loadSelection = () => import('./SelectionBar')

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
  const notSeveral = () => setPicked(null)
  const { plan } = usePlan()
  const edits = useBuildEdits(build, part.id)
  const adding = useAdding(build, part.id, chosen.id, edits, chosen.laid)
  if (!judged && build.shelved)
    return <p className="mt-4 text-soft">It is archived: nothing of it is checked.</p>
  if (!judged) return <Looking />
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
        <OnDemand
          load={loadSelection}
          failed="What is done with several steps can’t be had just now. Pick them once more."
          onClose={notSeveral}
        >
          {({ SelectionBar }) => (
            <SelectionBar
              build={build}
              partId={part.id}
              picked={picked}
              edits={edits}
              onDone={notSeveral}
            />
          )}
        </OnDemand>
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
      <OnDemand load={loadFacts} failed="What is known of the part can’t be shown just now.">
        {({ PartFacts }) => (
          <PartFacts
            build={build}
            part={part}
            judged={judged}
            known={adding.from.known}
            edit={edits.edit}
          />
        )}
      </OnDemand>
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
