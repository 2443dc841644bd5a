'use client'
import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { Suspense, useState } from 'react'
import type { PartPlan } from '@/core/builds'
import type { Build } from '@/core/model/build'
import { useParts, useProject } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { SeverityMark } from '@/ui/Severity'
import { AllFindings } from './AllFindings'
import { BuildFacts } from './BuildFacts'
import { PartSample } from './PartSample'

export function BuildScreen({ id }: { id: string }) {
  const project = useProject()
  const build = project.builds?.find((build) => build.id === id)
  if (!build)
    return (
      <section className="p-6">
        <h1 className="font-display text-3xl font-semibold">No such build</h1>
        <p className="mt-2">
          It may have been removed, or live in another browser.{' '}
          <Link href="/builds" className="text-act underline">
            All builds
          </Link>
        </p>
      </section>
    )
  return (
    <Suspense>
      <OneBuild build={build} />
    </Suspense>
  )
}

/** What is looked at: one part's core, or everything that is said. */
const EVERYTHING = '*'

function OneBuild({ build }: { build: Build }) {
  const asked = useSearchParams().get('part')
  const plans = useParts()
  const [chosen, setChosen] = useState<string | null>(null)
  const all = chosen === EVERYTHING
  const part =
    build.parts.find((part) => part.id === (chosen ?? asked)) ??
    build.parts.find((part) => worstOf(plans, build.id, part.id) === 'stop') ??
    build.parts[0]
  if (!part) return null
  return (
    <div className="p-4 lg:p-6">
      <BuildFacts build={build} />
      <nav aria-label="Parts" className="mt-1 flex flex-wrap gap-x-1 border-b-2 border-strong">
        {build.parts.map((otherPart) => {
          const worst = worstOf(plans, build.id, otherPart.id)
          return (
            <Tab
              key={otherPart.id}
              here={!all && otherPart.id === part.id}
              onOpen={() => setChosen(otherPart.id)}
            >
              {otherPart.name}
              {worst && <SeverityMark severity={worst} wordless />}
            </Tab>
          )
        })}
        <Tab here={all} onOpen={() => setChosen(EVERYTHING)}>
          All findings
        </Tab>
      </nav>
      {all ? (
        <AllFindings build={build} onOpen={setChosen} />
      ) : (
        <PartSample key={part.id} build={build} part={part} />
      )}
    </div>
  )
}

function Tab({
  here,
  onOpen,
  children,
}: {
  here: boolean
  onOpen: () => void
  children: React.ReactNode
}) {
  return (
    <button
      type="button"
      aria-current={here}
      onClick={onOpen}
      className={cx(
        'flex min-h-11 items-center gap-2 border-b-4 px-3',
        here ? 'border-act font-semibold' : 'border-transparent text-soft hover:text-ink',
      )}
    >
      {children}
    </button>
  )
}

function worstOf(plans: readonly PartPlan[], build: string, part: string) {
  const findings = plans
    .find((plan) => plan.build === build && plan.part === part)
    ?.findings.filter((finding) => finding.accepted === null)
  if (findings?.some((finding) => finding.severity === 'stop')) return 'stop' as const
  return findings?.some((finding) => finding.severity === 'risk') ? ('risk' as const) : null
}
