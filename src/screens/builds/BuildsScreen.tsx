'use client'
import { ChevronDown, ChevronUp } from 'lucide-react'
import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { Suspense, useState } from 'react'
import type { PartPlan } from '@/core/builds'
import type { Build } from '@/core/model/build'
import { verdictOf } from '@/core/stack'
import { useParts, useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { SeverityMark } from '@/ui/Severity'
import { useArchive } from '../shared/useArchive'
import { BuildFace } from './BuildFace'
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
  const builds = inOrder(project.builds ?? [])
  const asked = useSearchParams().get('new') !== null
  const [starting, setStarting] = useState(false)
  const [past, setPast] = useState(false)
  const parts = useParts()
  const finished = finishedIn(parts)
  // Parts with nothing left to do are told last: a build that nothing is told of yet is one of those.
  const told = new Set(parts.map(({ build }) => build))
  const isPast = ({ id, shelved, finishedOn }: Build) =>
    shelved === true || finishedOn !== undefined || finished.has(id) || !told.has(id)
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
      <BuildList builds={builds.filter((build) => !isPast(build))} all={builds} />
      {builds.some(isPast) && (
        <section className="mt-6">
          <Button aria-expanded={past} onClick={() => setPast(!past)}>
            {past
              ? 'Hide what is finished'
              : `Finished and archived (${builds.filter(isPast).length})`}
          </Button>
          {past && <BuildList builds={builds.filter(isPast)} all={builds} />}
        </section>
      )}
    </div>
  )
}

/** Builds in the order that they were put into; what has no place comes last. */
function inOrder(builds: readonly Build[]): Build[] {
  const placeOf = ({ place }: Build) => place ?? Number.POSITIVE_INFINITY
  return builds.toSorted((a, b) => placeOf(a) - placeOf(b) || 0)
}

function BuildList({ builds, all }: { builds: readonly Build[]; all: readonly Build[] }) {
  const run = useRun()
  const move = (at: number, by: 1 | -1) => {
    const here = builds[at]
    const there = builds[at + by]
    if (!here || !there) return
    const ids = all.map(({ id }) => id)
    const without = ids.filter((id) => id !== here.id)
    const place = without.indexOf(there.id) + (by === 1 ? 1 : 0)
    void run('orderBuilds', without.toSpliced(place, 0, here.id))
  }
  return (
    <ul className="mt-5 border-t border-rule">
      {builds.map((build, i) => (
        <BuildRow
          key={build.id}
          build={build}
          onEarlier={i > 0 ? () => move(i, -1) : null}
          onLater={i < builds.length - 1 ? () => move(i, 1) : null}
        />
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

function BuildRow({
  build,
  onEarlier,
  onLater,
}: {
  build: Build
  onEarlier: (() => void) | null
  onLater: (() => void) | null
}) {
  const parts = useParts()
  const { meshes = [] } = useProject()
  const archive = useArchive(build)
  const plans = parts.filter((part) => part.build === build.id)
  const { done, all } = progressOf(plans)
  return (
    <li className="grid gap-x-6 gap-y-2 border-b border-rule py-4 md:grid-cols-[10rem_minmax(0,1fr)_12rem_auto] md:items-center">
      <BuildFace build={build} meshes={meshes} plans={plans} />
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
          <span className="text-2xl font-semibold">{done}</span> of {all} steps done
        </p>
        <div className="mt-1 h-2 bg-sunk" aria-hidden="true">
          <div
            className="h-full bg-ink"
            style={{ width: `${all === 0 ? 0 : (done / all) * 100}%` }}
          />
        </div>
      </div>
      <div className="flex items-center gap-1">
        <Button onClick={archive}>{build.shelved ? 'Bring it back' : 'Archive'}</Button>
        <MoveButton say={`${build.name} earlier`} onMove={onEarlier}>
          <ChevronUp className="size-5" aria-hidden="true" />
        </MoveButton>
        <MoveButton say={`${build.name} later`} onMove={onLater}>
          <ChevronDown className="size-5" aria-hidden="true" />
        </MoveButton>
      </div>
    </li>
  )
}

function MoveButton({
  say,
  onMove,
  children,
}: {
  say: string
  onMove: (() => void) | null
  children: React.ReactNode
}) {
  return (
    <button
      type="button"
      aria-label={say}
      disabled={onMove === null}
      onClick={() => onMove?.()}
      className="grid size-9 place-content-center text-soft hover:text-ink disabled:opacity-30 pointer-coarse:size-11"
    >
      {children}
    </button>
  )
}

/** Acts done and meant, each part counted. */
function progressOf(plans: readonly PartPlan[]): { done: number; all: number } {
  const steps = plans.flatMap((plan) => plan.steps)
  const done = steps.filter((step) => step.status === 'done' || step.status === 'skipped').length
  return { done, all: steps.length }
}

function BuildVerdict({ plans, shelved }: { plans: readonly PartPlan[]; shelved: boolean }) {
  if (shelved) return <p className="mt-1">Archived: not planned.</p>
  const open = plans.flatMap((plan) => plan.findings).filter((finding) => finding.accepted === null)
  const verdict = verdictOf(open)
  if (verdict === 'sound') return <p className="mt-1 text-act">No problems found.</p>
  const severity = verdict === 'unsound' ? 'stop' : 'risk'
  const worst = open.find((finding) => finding.severity === severity)
  return (
    <p className="mt-1 flex flex-wrap items-baseline gap-x-2">
      <SeverityMark severity={severity} />
      <span>{worst?.because}</span>
    </p>
  )
}
