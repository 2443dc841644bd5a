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
import { OnDemand } from '../shared/OnDemand'
import { PartShape } from '../shared/PartShape'
import { useOutlines } from '../shared/useOutlines'
import { useTitle } from '../shared/useTitle'
import { BuildHead } from './BuildHead'
import { FinishedFacts } from './FinishedFacts'
import { Looking } from './Looking'
import { loadSample } from './pieces'

const loadFindings = () => import('./AllFindings')
const loadFacts = () => import('./BuildFacts')
const loadCard = () => import('./BuildCard')
const loadStory = () => import('./StoryPage')

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
  if (asCard !== null)
    return (
      <OnDemand load={loadCard} failed="The card can’t be had just now.">
        {({ BuildCard }) => <BuildCard build={build} />}
      </OnDemand>
    )
  if (asStory !== null)
    return (
      <OnDemand load={loadStory} failed="The story can’t be had just now.">
        {({ StoryPage }) => <StoryPage build={build} />}
      </OnDemand>
    )
  return (
    <div className="p-4 lg:px-6">
      <BuildTop build={build} />
      <Tabs
        build={build}
        plans={plans}
        here={all ? null : part.id}
        onOpen={(part) => void choose(part)}
      />
      {all ? (
        <OnDemand load={loadFindings} failed="All findings can’t be shown just now.">
          {({ AllFindings }) => <AllFindings build={build} onOpen={(part) => void choose(part)} />}
        </OnDemand>
      ) : (
        <OnDemand
          load={loadSample}
          failed="The part can’t be shown just now."
          meanwhile={<Looking />}
        >
          {({ PartSample }) => <PartSample key={part.id} build={build} part={part} />}
        </OnDemand>
      )}
      <OnDemand load={loadFacts} failed="What is chosen for the build can’t be shown just now.">
        {({ BuildFacts }) => <BuildFacts build={build} />}
      </OnDemand>
    </div>
  )
}

/** What a build is called, what is made of it for paper, and what it came to. */
function BuildTop({ build }: { build: Build }) {
  return (
    <>
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
    </>
  )
}

/** Every part, with the worst of what is said of it, and behind them everything that is said. */
function Tabs({
  build,
  plans,
  here,
  onOpen,
}: {
  build: Build
  plans: readonly PartPlan[]
  /** The part that is looked at; null: everything is. */
  here: string | null
  onOpen: (part: string) => void
}) {
  return (
    <nav
      aria-label="Parts"
      className="mt-1 flex gap-x-1 overflow-x-auto border-b border-rule *:shrink-0 lg:flex-wrap"
    >
      {build.parts.map((part) => {
        const worst = worstOf(plans, build.id, part.id)
        return (
          <Tab key={part.id} here={part.id === here} onOpen={() => onOpen(part.id)}>
            <Face build={build} part={part} plans={plans} />
            {part.name}
            {worst && <SeverityMark severity={worst} wordless />}
          </Tab>
        )
      })}
      <Tab here={here === null} onOpen={() => onOpen(EVERYTHING)}>
        All findings
      </Tab>
    </nav>
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
