import Link from 'next/link'
import { useState } from 'react'
import { briefReview, type ReviewedPoint, wantsWhy } from '@/core/builds'
import {
  BRIEF_FOR,
  BRIEF_NEAR,
  type BriefPoint,
  type Brief as BriefSaid,
  POINT_STATES,
} from '@/core/model/brief'
import type { Build } from '@/core/model/build'
import { changedRow } from '@/core/model/changedRow'
import { useProject } from '@/state/hooks'
import { useEditBuild, useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { TextField } from '@/ui/Field'
import { Thumb } from '../shared/picture/Thumb'

const FOR = { self: 'Myself', client: 'Somebody else', contest: 'A contest' } as const
const NEAR = { free: 'It may differ', close: 'Close to it', exact: 'As it really was' } as const
const STATES = {
  wanted: 'Wanted',
  done: 'Done',
  waived: 'Left out',
  'not-possible': 'Not possible',
} as const

/** A look again comes after so long, minutes. Source: handbook 13.2. */
const LOOK_AGAIN = 2 * 24 * 60

type Put = (next: (now: BriefSaid) => BriefSaid, label: string) => void

/** For whom a build is made, how near it must be, and its points, each beside the newest picture. */
export function Brief({ build }: { build: Build }) {
  const run = useRun()
  const editBuild = useEditBuild()
  const { pictures = [] } = useProject()
  const { brief = {} } = build
  const { points, open } = briefReview(build, pictures)
  const put: Put = (next, label) =>
    void editBuild(
      build.id,
      (now) => ({ do: 'set', fields: { brief: next(now.brief ?? {}) } }),
      label,
    )
  const remind = () => {
    const at = {
      id: newId(),
      kind: 'other' as const,
      name: `Look at ${build.name} again`.slice(0, 120),
    }
    const timer = { ...at, startedAt: new Date().toISOString(), minutes: LOOK_AGAIN }
    void run('startTimer', timer, 'In two days you are asked to look again')
  }
  return (
    <details className="border-t border-rule" open={points.length > 0}>
      <summary className="min-h-9 cursor-pointer pt-2 font-semibold text-act">
        The brief
        {points.length > 0 && `: ${open === 0 ? 'nothing' : open} of ${points.length} open`}
      </summary>
      <div className="max-w-4xl pb-4">
        <div className="mt-1 grid gap-3 sm:grid-cols-2">
          <Choose
            label="Who it is for"
            value={brief.for ?? 'self'}
            choices={BRIEF_FOR.map((value) => ({ value, say: FOR[value] }))}
            onChoose={(value) =>
              put((now) => ({ ...now, for: value as keyof typeof FOR }), 'Who it is for')
            }
          />
          <Choose
            label="How near the real thing"
            value={brief.near ?? 'close'}
            choices={BRIEF_NEAR.map((value) => ({ value, say: NEAR[value] }))}
            onChoose={(value) =>
              put((now) => ({ ...now, near: value as keyof typeof NEAR }), 'How near it must be')
            }
          />
        </div>
        <ul aria-label="Points of the brief" className="mt-3">
          {points.map((reviewed) => (
            <PointRow key={reviewed.point.id} reviewed={reviewed} put={put} />
          ))}
        </ul>
        <NewPoint put={put} />
        <p className="mt-3 flex flex-wrap gap-2">
          <Link
            href={`/pictures?of=${build.id}`}
            className="key inline-flex min-h-11 items-center px-4"
          >
            Its pictures
          </Link>
          <Button onClick={remind}>Look again in two days</Button>
        </p>
      </div>
    </details>
  )
}

function PointRow({ reviewed: { point, picture }, put }: { reviewed: ReviewedPoint; put: Put }) {
  const set = (fields: Partial<BriefPoint>, label: string) =>
    put(
      (now) => ({
        ...now,
        points: changedRow(now.points ?? [], point.id, fields),
      }),
      label,
    )
  return (
    <li className="grid grid-cols-[5rem_minmax(0,1fr)] items-center gap-x-4 gap-y-2 border-t border-rule py-2 sm:grid-cols-[7rem_minmax(0,1fr)_11rem]">
      {picture ? (
        <Link href={`/pictures?id=${picture.id}`} aria-label={`Open ${picture.name}`}>
          <Thumb id={picture.id} say="" className="h-16 w-full" />
        </Link>
      ) : (
        <span className="text-sm text-soft">no picture yet</span>
      )}
      <p className="min-w-0 break-words">{point.say}</p>
      <div className="max-sm:col-span-2">
        <Choose
          label="How it stands"
          value={point.state}
          choices={POINT_STATES.map((value) => ({ value, say: STATES[value] }))}
          onChoose={(state) =>
            set(
              { state: state as BriefPoint['state'] },
              `${STATES[state as BriefPoint['state']]}: ${point.say}`,
            )
          }
        />
      </div>
      {wantsWhy(point.state) && (
        <div className="col-span-full">
          <TextField
            key={point.state}
            label="Why"
            defaultValue={point.why ?? ''}
            maxLength={4000}
            onBlur={({ target }) =>
              target.value !== (point.why ?? '') &&
              set({ why: target.value }, 'Why a point is left')
            }
          />
        </div>
      )}
    </li>
  )
}

function NewPoint({ put }: { put: Put }) {
  const [say, setSay] = useState('')
  return (
    <form
      noValidate
      className="mt-2 flex items-end gap-2 border-t border-rule pt-2"
      onSubmit={(event) => {
        event.preventDefault()
        const said = say.trim()
        if (said === '') return
        const point: BriefPoint = { id: newId(), say: said, state: 'wanted' }
        put((now) => ({ ...now, points: [...(now.points ?? []), point] }), `Wanted: ${said}`)
        setSay('')
      }}
    >
      <div className="grow">
        <TextField
          label="Another point"
          placeholder="Rust below the knees only"
          maxLength={300}
          value={say}
          onChange={({ target }) => setSay(target.value)}
        />
      </div>
      <Button type="submit">Add it</Button>
    </form>
  )
}
