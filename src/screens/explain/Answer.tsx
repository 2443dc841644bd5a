import { familyRow, solventRow, substrateRow } from '@/core/knowledge'
import { sayDuration } from '@/core/model/duration'
import type { Substrate } from '@/core/model/vocabulary'
import { type Explained, type ExplainedMoment, gentlest } from '@/core/stack'
import { cx } from '@/ui/cx'
import { SeverityMark, severityLook } from '@/ui/Severity'
import { capital, MILESTONE_WORDS, TOUCH_WORDS } from '../shared/words'
import type { FilmChoice } from './films'

const WORD = { yes: 'Yes', 'with-care': 'With care', no: 'No' } as const
const INK = { yes: 'text-act', 'with-care': 'text-risk', no: 'text-stop' } as const

/** How many ways of taking it off are told. */
const SHOWN = 3

/** The answer in a word, then minute by minute, then what else one would ask. */
export function Answer({
  found,
  on,
  put,
  substrate,
}: {
  found: Explained
  on: FilmChoice
  put: FilmChoice
  substrate: Substrate
}) {
  return (
    <div className="mt-5 grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <section aria-labelledby="answer" className="min-w-0">
        <h2 id="answer" className="flex flex-wrap items-baseline gap-x-4">
          <span className={cx('font-display text-5xl font-semibold', INK[found.answer])}>
            {WORD[found.answer]}
          </span>
          <span className="text-xl" data-answer-from>
            {fromWords(found)}
          </span>
        </h2>
        <p className="mt-1 max-w-prose text-soft">
          {put.say} on {on.say.toLowerCase()}
          {found.latest !== null && `; without a scuff until ${sayDuration(found.latest)}`}.
        </p>
        <ol className="mt-5 border-t-2 border-strong">
          {told(found.moments).map((moment) => (
            <StepContext key={moment.after} moment={moment} />
          ))}
        </ol>
      </section>
      <aside className="min-w-0 space-y-6 lg:border-l lg:border-rule lg:pl-6">
        <Off found={found} put={put} on={on} />
        <Fact name="Shields between">
          {found.shields.length === 0
            ? 'No clear goes between the two.'
            : `${capital(found.shields.map((shield) => familyRow(shield).name).join(', '))} clear, set, goes between the two.`}
        </Fact>
        <section>
          <h3 className="text-sm font-semibold text-soft">
            On bare {substrateRow(substrate).name}
          </h3>
          {found.substrate.length === 0 && <p className="mt-1">Nothing to fear.</p>}
          {found.substrate.map((said) => (
            <p key={said.rule} className="mt-1">
              <SeverityMark severity={said.severity} /> {said.because}
            </p>
          ))}
        </section>
      </aside>
    </div>
  )
}

function fromWords({ from, answer }: Explained): string {
  if (from === null) return answer === 'no' ? 'at no time' : 'at any time, minding the risk'
  return from <= 1 ? 'at once' : `from ${sayDuration(from)} on`
}

/** One mistake, one message. */
function standsAlone(one: ExplainedMoment['findings'][number]): boolean {
  return one.follows === undefined
}

/** Minutes at which what is said changes, and the points of the clock. */
function told(moments: readonly ExplainedMoment[]): ExplainedMoment[] {
  const said = (explainedMoment: ExplainedMoment) =>
    explainedMoment.findings
      .filter(standsAlone)
      .map((f) => f.rule + f.severity)
      .join(' ')
  return moments.filter((moment, i) => {
    const before = moments[i - 1]
    return !before || moment.point !== null || said(before) !== said(moment)
  })
}

function StepContext({ moment }: { moment: ExplainedMoment }) {
  const { worst, findings, after, point } = moment
  return (
    <li
      data-after={after}
      data-point={point ?? undefined}
      className="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-4 border-b border-rule py-2.5 sm:grid-cols-[11rem_minmax(0,1fr)]"
    >
      <p>
        <span className="block text-xl font-semibold">
          {after <= 0 ? 'At once' : sayDuration(after)}
        </span>
        <span className="block text-sm text-soft">{point ? MILESTONE_WORDS[point] : ''}</span>
      </p>
      <div className={cx('border-l-4 pl-4', worst ? severityLook(worst).edge : 'border-act')}>
        {findings.length === 0 && <p className="font-semibold text-act">May go on</p>}
        {findings.filter(standsAlone).map((finding) => (
          <p key={finding.rule} className="max-w-prose">
            <SeverityMark severity={finding.severity} /> {finding.because}
          </p>
        ))}
      </div>
    </li>
  )
}

function Off({ found, put, on }: { found: Explained; put: FilmChoice; on: FilmChoice }) {
  const ways = gentlest(found.cleansUp, SHOWN)
  return (
    <section>
      <h3 className="text-sm font-semibold text-soft">Takes {put.say.toLowerCase()} off again</h3>
      {ways.length === 0 ? (
        <p className="mt-1">Nothing that leaves {on.say.toLowerCase()} alone.</p>
      ) : (
        <ul className="mt-1">
          {ways.map((way) => (
            <li key={way.solvent}>
              <span className="font-semibold">{capital(solventRow(way.solvent).name)}</span>,{' '}
              {TOUCH_WORDS[way.touch]}
              {way.under === 's' && <span className="text-soft">: a light pass only</span>}
              {way.until !== null && (
                <span className="text-soft">
                  {' '}
                  · while {way.while}, until {sayDuration(way.until)}
                </span>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

function Fact({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <section>
      <h3 className="text-sm font-semibold text-soft">{name}</h3>
      <p className="mt-1">{children}</p>
    </section>
  )
}
