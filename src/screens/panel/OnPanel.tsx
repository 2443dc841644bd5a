'use client'
import { variantEdit } from '@/core/builds'
import type { Build } from '@/core/model/build'
import type { Variant } from '@/core/model/panel'
import type { Step } from '@/core/model/sequence'
import type { PanelDesks } from '@/state/panelDesks'
import { useEditBuild, useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { FigureList } from './FigureList'
import { Knobs } from './Knobs'
import { PanelHead } from './PanelHead'
import { PanelView } from './PanelView'
import { Pins } from './Pins'
import { TakeAway } from './TakeAway'
import { TheSameBut } from './TheSameBut'
import { type Tried, trialOf } from './tried'
import { useOnPanel } from './useOnPanel'
import type { Trying } from './useTrial'

/** Something on the panel: its picture, what can be turned of it, and what it comes to. */
export function OnPanel({
  tried,
  all,
  desks,
}: {
  tried: Tried
  all: readonly Tried[]
  desks: PanelDesks
}) {
  const run = useRun()
  const now = useOnPanel(tried, desks)
  const { address, setAddress, trying, at, last, panel, sequence, looked, pins } = now
  const { trial } = trying
  const pin = () => {
    const variant = {
      ...variantOf(tried, pins),
      sequence: withIds(sequence, trial.steps),
      panel,
      ...(looked.measured && looked.figures ? { figures: looked.figures.figures } : {}),
    }
    void run('keepVariant', variant, `Pinned: ${variant.name}`)
  }
  const takeOver = useTakeOver(tried, trying)
  return (
    <>
      <PanelHead tried={tried} all={all} now={now} />
      {looked.failed && (
        <p role="alert" className="mt-4 border-l-4 border-stop pl-3">
          The panel can’t be laid: {looked.failed}
        </p>
      )}
      <div className="mt-3 grid gap-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="min-w-0">
          <PanelView now={now} onPin={pin} />
          <TheSameBut
            tried={tried}
            trying={trying}
            wrong={looked.figures?.wrong ?? []}
            findings={looked.figures?.findings ?? []}
            onTakeOver={takeOver}
          />
        </div>
        <div className="min-w-0 space-y-6">
          {last && (
            <Knobs
              key={last.id}
              step={last}
              scale={trial.scale}
              isFirst={at <= 1}
              isLast={at >= trial.steps.length}
              onTurn={(fields) => trying.turn(last.id, fields)}
              onLeaveOut={() => trying.leaveOut(last.id)}
              onShift={(by) => {
                trying.shift(last.id, by)
                now.goTo(at + by)
              }}
            />
          )}
          <FigureList
            looked={looked}
            other={now.other}
            steps={trial.steps}
            stop={address.stop}
            onStop={(stop) => void setAddress({ stop })}
            onStep={now.goTo}
          />
          <TakeAway
            {...{ tried, trial, looked, panel, sequence, at }}
            show={address.show}
            onPart={now.onPart}
            onPanel={now.setOwnPanel}
          />
        </div>
      </div>
      <Pins
        tried={tried}
        pins={pins}
        compared={now.compared?.id ?? null}
        desks={desks}
        onCompare={(id) => void setAddress({ with: id })}
        onTake={(variant) => {
          const next = trialOf(variant)
          if (next) trying.set(next)
          now.setOwnPanel(isOwn(variant) ? (variant.panel ?? null) : null)
          void setAddress({ at: null, step: null })
        }}
      />
    </>
  )
}

/** Was it tried on a panel that is none of ours? */
function isOwn({ panel }: Variant): boolean {
  return typeof panel?.layout === 'object'
}

/** Takes what is tried over into the build; what is tried then is the build as it is. */
function useTakeOver({ build, part }: Tried, { from, trial, reset }: Trying) {
  const editBuild = useEditBuild()
  return async () => {
    if (!build || !part) return
    const edit = (own: Build) =>
      variantEdit(own, part, { before: from.steps, after: trial.steps }, trial.school) ?? NOTHING
    if (await editBuild(build.id, edit, `Taken over from the panel: ${part.name}`)) reset()
  }
}

const NOTHING = { do: 'all' as const, edits: [] }

/** A variant to keep, by whose it is, with a name that none has yet. */
function variantOf(tried: Tried, pins: readonly Variant[]): Variant {
  const names = new Set(pins.map(({ name }) => name))
  let nth = 1
  while (names.has(`Variant ${nth}`)) nth++
  return {
    id: newId(),
    name: `Variant ${nth}`,
    ...(tried.build && tried.part ? { build: tried.build.id, part: tried.part.id } : {}),
    ...(tried.technique ? { technique: tried.technique } : {}),
  }
}

/** What is kept are the steps themselves, known by their ids: from which bottle they are painted is asked anew. */
function withIds<T extends object>(sequence: T, steps: readonly object[]) {
  return { ...sequence, steps: steps as unknown as Step[] }
}
