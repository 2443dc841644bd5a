'use client'
import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { parseAsString, useQueryState } from 'nuqs'
import { Suspense } from 'react'
import type { PartPlan } from '@/core/builds'
import type { Build, Part } from '@/core/model/build'
import { useParts, useProject } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { SeverityMark } from '@/ui/Severity'
import { PartShape } from '../shared/PartShape'
import { useOutlines } from '../shared/useOutlines'
import { useTitle } from '../shared/useTitle'
import { AllFindings } from './AllFindings'
import { BuildCard } from './BuildCard'
import { BuildFacts } from './BuildFacts'
import { BuildHead } from './BuildHead'
import { FinishedFacts } from './FinishedFacts'
import { PartSample } from './PartSample'
import { StoryPage } from './StoryPage'

/** A build, by its address: without a network one stored page stands for all builds. */
export function BuildScreen() {
  const id = decodeURIComponent(usePathname().split('/')[2] ?? '')
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

/** What of a build is made for paper. */
const PAPERS = [
  { name: 'card', say: 'Build card' },
  { name: 'story', say: 'Its story' },
] as const

/** What is looked at: one part's core, or everything that is said. */
const EVERYTHING = '*'

function OneBuild({ build }: { build: Build }) {
  const [chosen, choose] = useQueryState('part', parseAsString)
  const [asCard] = useQueryState('card', parseAsString)
  const [asStory] = useQueryState('story', parseAsString)
  const plans = useParts()
  useTitle(build.name)
  const all = chosen === EVERYTHING
  const part =
    build.parts.find((part) => part.id === chosen) ??
    build.parts.find((part) => worstOf(plans, build.id, part.id) === 'stop') ??
    build.parts[0]
  if (!part) return null
  if (asCard !== null) return <BuildCard build={build} />
  if (asStory !== null) return <StoryPage build={build} />
  return (
    <div className="p-4 lg:px-6">
      <div className="flex items-start justify-between gap-3 max-sm:flex-wrap">
        <BuildHead build={build} />
        <div className="flex shrink-0 flex-wrap justify-end gap-2">
          {PAPERS.map(({ name, say }) => (
            <Link
              key={name}
              href={`/builds/${build.id}?${name}=`}
              className="key inline-flex min-h-11 items-center px-4"
            >
              {say}
            </Link>
          ))}
        </div>
      </div>
      {build.finishedOn && (
        <section
          aria-label="It is finished"
          className="mt-4 border-l-8 border-act bg-act-wash px-5 py-4"
        >
          <FinishedFacts build={build} />
        </section>
      )}
      <nav
        aria-label="Parts"
        className="mt-1 flex gap-x-1 overflow-x-auto border-b border-rule *:shrink-0 lg:flex-wrap"
      >
        {build.parts.map((otherPart) => {
          const worst = worstOf(plans, build.id, otherPart.id)
          return (
            <Tab
              key={otherPart.id}
              here={!all && otherPart.id === part.id}
              onOpen={() => void choose(otherPart.id)}
            >
              <Face build={build} part={otherPart} plans={plans} />
              {otherPart.name}
              {worst && <SeverityMark severity={worst} wordless />}
            </Tab>
          )
        })}
        <Tab here={all} onOpen={() => void choose(EVERYTHING)}>
          All findings
        </Tab>
      </nav>
      {all ? (
        <AllFindings build={build} onOpen={(part) => void choose(part)} />
      ) : (
        <PartSample key={part.id} build={build} part={part} />
      )}
      <BuildFacts build={build} />
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
        'flex min-h-11 max-w-full items-center gap-2 border-b-4 px-3 text-left [overflow-wrap:anywhere]',
        here ? 'border-act font-semibold' : 'border-transparent text-soft hover:text-ink',
      )}
    >
      {children}
    </button>
  )
}

/** As large as a part is beside its name, px. */
const TAB_FACE = { width: 40, height: 24 }

/** A part in the colour of its newest film that lies open: its shape, or a swatch. */
function Face({ build, part, plans }: { build: Build; part: Part; plans: readonly PartPlan[] }) {
  const own = plans.find((plan) => plan.build === build.id && plan.part === part.id)
  const colour = own?.clocks[0]?.colour
  const { meshes = [] } = useProject()
  const outlineOf = useOutlines()
  if (outlineOf(part, meshes))
    return <PartShape build={build} part={part} meshes={meshes} plan={own} box={TAB_FACE} />
  if (!colour) return null
  return (
    <span
      aria-hidden="true"
      className="size-4 rounded-[1px] border border-ink/30"
      style={{ background: colour }}
    />
  )
}

function worstOf(plans: readonly PartPlan[], build: string, part: string) {
  const findings = plans
    .find((plan) => plan.build === build && plan.part === part)
    ?.findings.filter((finding) => finding.accepted === null)
  if (findings?.some((finding) => finding.severity === 'stop')) return 'stop' as const
  return findings?.some((finding) => finding.severity === 'risk') ? ('risk' as const) : null
}
