'use client'
import { useMemo, useState } from 'react'
import type { Project } from '@/core/model/project'
import { type Learnt, learntFrom, type Ratio } from '@/core/room'
import { useAsked, useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { clockTime } from '@/ui/time'
import { number } from '@/ui/units'
import { namesOf } from '../shared/names'
import { useNow } from '../shared/now'
import { familyName, MILESTONE_WORDS, SEEN_WORDS } from '../shared/words'

const NOTHING: readonly unknown[] = []

/** What the log says of how films dry here, beside the sheet; each can be switched back. */
export function Corrections() {
  const { answer } = useAsked((worker) => worker.ratios(), NOTHING)
  const learnt = useMemo(() => learntFrom(answer ?? []), [answer])
  return (
    <section aria-labelledby="corrections">
      <h2 id="corrections" className="font-display text-2xl font-semibold">
        Learnt from the log
      </h2>
      <p className="max-w-3xl text-soft">
        Drying times are adjusted from your own observations: every “still tacky”, “dry just now”
        and “dry already” is compared with the sheet’s time in the air of that day, for the product
        or else its family.
      </p>
      {learnt.length === 0 ? (
        <p className="mt-3">
          Nothing was seen yet. Say on the bench how a film is, and its clock learns from it.
        </p>
      ) : (
        <div className="mt-3 overflow-x-auto">
          <table className="w-full min-w-[44rem] border-collapse text-left">
            <caption className="sr-only">Corrections of drying times</caption>
            <thead className="text-sm text-soft">
              <tr>
                {['Family or product', 'Factor', 'Seen', 'Spread', 'Goes by', ''].map((head, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: heads are known by their place
                  <th key={i} scope="col" className="py-1 pr-4 font-semibold">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {learnt.map((group) => (
                <LearntRows key={`${group.family}/${group.bottle}`} learnt={group} />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  )
}

function fixedOf(project: Project, { family, bottle }: Learnt) {
  return (project.corrections ?? []).find(
    (correction) => correction.family === family && (correction.bottle ?? null) === bottle,
  )
}

function LearntRows({ learnt }: { learnt: Learnt }) {
  const project = useProject()
  const run = useRun()
  const [open, setOpen] = useState(false)
  const fixed = fixedOf(project, learnt)
  const name = learnt.bottle
    ? (project.shelf?.find((bottle) => bottle.id === learnt.bottle)?.name ?? learnt.bottle)
    : familyName(learnt.family)
  const toSheet = () => {
    const id = `sheet.${learnt.family}${learnt.bottle ? `.${learnt.bottle}` : ''}`
    const row = {
      id,
      family: learnt.family,
      factor: 1,
      ...(learnt.bottle ? { bottle: learnt.bottle } : {}),
    }
    void run('fixCorrection', row, `${name} goes by the sheet`)
  }
  const toLog = () => fixed && void run('freeCorrection', fixed.id, `${name} goes by the log`)
  const cell = 'py-1.5 pr-4 whitespace-nowrap'
  return (
    <>
      <tr className="border-t border-rule">
        <th scope="row" className={`${cell} font-semibold ${learnt.bottle ? 'pl-5' : ''}`}>
          {name}
        </th>
        <td className={cell}>× {number(learnt.factor, 2, true)}</td>
        <td className={cell}>
          {learnt.n} of {learnt.ratios.length}
        </td>
        <td className={cell}>
          {learnt.spread
            ? `${number(learnt.spread[0], 2, true)} to ${number(learnt.spread[1], 2, true)}`
            : 'all agree with the sheet'}
        </td>
        <td className={cell}>
          {fixed ? (fixed.factor === 1 ? 'the sheet' : `× ${fixed.factor}, fixed`) : 'the log'}
        </td>
        <td className={`${cell} text-right`}>
          <span className="inline-flex gap-2">
            <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
              {open ? 'Fold' : 'Show each'}
            </Button>
            <Button size="small" onClick={fixed ? toLog : toSheet}>
              {fixed ? 'Go by the log' : 'Back to the sheet'}
            </Button>
          </span>
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={6} className="pb-3 pl-5">
            <ul className="text-sm">
              {learnt.ratios.map((ratio) => (
                <RatioLine key={ratio.act} ratio={ratio} factor={learnt.factor} />
              ))}
            </ul>
          </td>
        </tr>
      )}
    </>
  )
}

const USE = {
  used: 'counts',
  agrees: 'agrees with the sheet',
  'set-aside': 'set aside: beyond four times',
} as const

/** One observation: the share of the predicted time at which it was made, before and after the correction. */
function RatioLine({ ratio, factor }: { ratio: Ratio; factor: number }) {
  const project = useProject()
  const now = useNow(60_000)
  const { act, part } = namesOf(project, ratio)
  return (
    <li className="border-t border-rule py-1">
      {clockTime(ratio.at, now)}: {act} on {part}, {SEEN_WORDS[ratio.seen]} (
      {MILESTONE_WORDS[ratio.milestone]}) at {Math.round(ratio.ratio * 100)} % of the sheet’s time,{' '}
      {Math.round((ratio.ratio / factor) * 100)} % of the corrected one · {USE[ratio.use]}
    </li>
  )
}
