'use client'
import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { Suspense, useState } from 'react'
import type { PartPlan } from '@/core/builds'
import type { Build } from '@/core/model/build'
import { verdictOf } from '@/core/stack'
import { useParts, useProject, useRun } from '@/state/hooks'
import { editBuild } from '@/store/actions/builds'
import { Button } from '@/ui/Button'
import { SeverityMark } from '@/ui/Severity'
import { NewBuild } from './NewBuild'

export function BuildsScreen() {
  return (
    <Suspense>
      <Builds />
    </Suspense>
  )
}

function Builds() {
  const project = useProject()
  const builds = project.builds ?? []
  const asked = useSearchParams().get('new') !== null
  const [starting, setStarting] = useState(false)
  const [past, setPast] = useState(false)
  const finished = finishedIn(useParts())
  const open = starting || asked || builds.length === 0
  return (
    <div className="max-w-5xl p-4 lg:p-6">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1 className="font-display text-4xl font-semibold">Builds</h1>
        {!open && (
          <Button look="act" onClick={() => setStarting(true)}>
            Start a build
          </Button>
        )}
      </div>
      {open && <NewBuild onClose={builds.length > 0 ? () => setStarting(false) : null} />}
      <BuildList builds={builds.filter(({ id }) => !finished.has(id))} />
      {finished.size > 0 && (
        <section className="mt-6">
          <Button aria-expanded={past} onClick={() => setPast(!past)}>
            {past ? 'Hide finished builds' : `Finished builds (${finished.size})`}
          </Button>
          {past && <BuildList builds={builds.filter(({ id }) => finished.has(id))} />}
        </section>
      )}
    </div>
  )
}

function BuildList({ builds }: { builds: readonly Build[] }) {
  return (
    <ul className="mt-5 border-t-2 border-strong">
      {builds.map((build) => (
        <BuildRow key={build.id} build={build} />
      ))}
    </ul>
  )
}

/** Builds on the bench of which nothing is left to do. */
function finishedIn(parts: readonly PartPlan[]): ReadonlySet<string> {
  const all = new Set(parts.filter(({ steps }) => steps.length > 0).map(({ build }) => build))
  for (const { build, next } of parts) if (next !== null) all.delete(build)
  return all
}

function BuildRow({ build }: { build: Build }) {
  const parts = useParts()
  const run = useRun()
  const plans = parts.filter((part) => part.build === build.id)
  const { done, all } = progressOf(plans)
  const shelve = () =>
    void run(
      editBuild,
      build.id,
      { do: 'set', fields: { shelved: build.shelved === true ? null : true } },
      build.shelved ? `${build.name} is back on the bench` : `${build.name} put away`,
    )
  return (
    <li className="grid gap-x-6 gap-y-2 border-b border-rule py-4 md:grid-cols-[minmax(0,1fr)_12rem_auto] md:items-center">
      <div className="min-w-0">
        <h2 className="font-display text-2xl font-semibold">
          <Link
            href={`/builds/${build.id}`}
            className="underline decoration-rule underline-offset-4 hover:decoration-act"
          >
            {build.name}
          </Link>
        </h2>
        <p className="text-soft">
          {build.scale ? `1:${build.scale} · ` : ''}
          {build.parts.map((part) => part.name).join(', ')}
        </p>
        <BuildVerdict plans={plans} shelved={build.shelved === true} />
      </div>
      <div>
        <p>
          <span className="text-2xl font-semibold">{done}</span> of {all} acts done
        </p>
        <div className="mt-1 h-2 bg-sunk" aria-hidden="true">
          <div
            className="h-full bg-ink"
            style={{ width: `${all === 0 ? 0 : (done / all) * 100}%` }}
          />
        </div>
      </div>
      <Button onClick={shelve}>{build.shelved ? 'Take out' : 'Put away'}</Button>
    </li>
  )
}

/** Acts done and meant, each part counted. */
function progressOf(plans: readonly PartPlan[]): { done: number; all: number } {
  const steps = plans.flatMap((plan) => plan.steps)
  const done = steps.filter((step) => step.status === 'done' || step.status === 'skipped').length
  return { done, all: steps.length }
}

function BuildVerdict({ plans, shelved }: { plans: readonly PartPlan[]; shelved: boolean }) {
  if (shelved) return <p className="mt-1">Put away: not planned.</p>
  const open = plans.flatMap((plan) => plan.findings).filter((finding) => finding.accepted === null)
  const verdict = verdictOf(open)
  if (verdict === 'sound') return <p className="mt-1 text-act">What is planned is sound.</p>
  const severity = verdict === 'unsound' ? 'stop' : 'risk'
  const worst = open.find((finding) => finding.severity === severity)
  return (
    <p className="mt-1 flex flex-wrap items-baseline gap-x-2">
      <SeverityMark severity={severity} />
      <span>{worst?.because}</span>
    </p>
  )
}
