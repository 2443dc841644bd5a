import { useDeferredValue } from 'react'
import type { PartFinding, PartPlan } from '@/core/builds'
import type { Build } from '@/core/model/build'
import { useAsked, useParts } from '@/state/hooks'
import { SeverityMark } from '@/ui/Severity'
import { useNow } from '../shared/now'
import type { ShownPart } from './judged'
import { moved } from './useBuildEdits'

/** A step that hangs over the core: before which it would be laid; null: at the end. */
export type Hover = { id: string; before: string | null }

/** How the sequence stands, or how it would if the step were dropped where it hangs. */
export function Verdict({
  judged,
  hover,
  build,
  part,
}: {
  judged: ShownPart
  hover: Hover | null
  build: Build
  part: string
}) {
  const parts = useParts()
  const place = useDeferredValue(hover)
  const now = useNow(60_000)
  const { answer, stale } = useAsked(
    place
      ? (worker) => worker.suppose(build.id, moved(place.id, place.before, 'every'), now)
      : null,
    [build.id, place?.id, place?.before, now],
  )
  const there = place && answer && !stale ? new Map(answer) : null
  const here = there ? (there.get(part) ?? []) : judged.findings
  const findings = here.filter((finding) => finding.accepted === null && finding.follows === null)
  const elsewhere = there ? worseParts(build, part, there, parts) : []
  const worst =
    findings.find((finding) => finding.severity === 'stop') ??
    findings.find((finding) => finding.severity === 'risk')
  return (
    <div className="mb-2 min-h-7" aria-live="polite">
      <p className="flex flex-wrap items-baseline gap-x-3">
        {there && <span className="font-semibold">If dropped here:</span>}
        <Count findings={findings} />
      </p>
      {there && worst && <p className="max-w-prose text-sm">{worst.because}</p>}
      {elsewhere.length > 0 && (
        <p className="text-sm text-stop">A stop on {elsewhere.join(', ')} too.</p>
      )}
    </div>
  )
}

/** Other parts that a shared step would stop, and that are not stopped now. */
function worseParts(
  build: Build,
  partId: string,
  there: ReadonlyMap<string, PartFinding[]>,
  now: readonly PartPlan[],
): string[] {
  return build.parts
    .filter((part) => part.id !== partId)
    .filter((otherPart) => {
      const plan = now.find((part) => part.build === build.id && part.part === otherPart.id)
      return stopsIn(there.get(otherPart.id) ?? []) > stopsIn(plan?.findings ?? [])
    })
    .map((part) => part.name)
}

function stopsIn(findings: readonly PartFinding[]): number {
  return findings.filter((finding) => finding.severity === 'stop' && finding.accepted === null)
    .length
}

function Count({ findings }: { findings: readonly PartFinding[] }) {
  const count = (severity: string) =>
    findings.filter((finding) => finding.severity === severity).length
  const stops = count('stop')
  const risks = count('risk')
  if (stops + risks === 0)
    return <span className="font-display text-lg font-semibold text-act">No problems found</span>
  return (
    <>
      {stops > 0 && (
        <span className="flex items-center gap-1.5 text-lg">
          {stops} <SeverityMark severity="stop" />
        </span>
      )}
      {risks > 0 && (
        <span className="flex items-center gap-1.5 text-lg">
          {risks} <SeverityMark severity="risk" />
        </span>
      )}
    </>
  )
}
