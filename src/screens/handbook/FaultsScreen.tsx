import Link from 'next/link'
import { FAULT_TABLE } from '@/core/knowledge'
import { faultHref } from '../shared/faultHref'
import { capital } from '../shared/words'

/** What can be seen to be wrong, what it comes from, and what helps. */
export function FaultsScreen() {
  return (
    <div className="max-w-5xl p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">Faults</h1>
      <p className="mt-1 text-soft">By what you see.</p>
      <ul className="mt-4">
        {Object.entries(FAULT_TABLE).map(([id, { symptom, causes, mend, nextTime }]) => (
          <li
            key={id}
            id={id}
            className="grid scroll-mt-4 gap-x-8 gap-y-1 border-t border-rule py-4 target:bg-act-wash md:grid-cols-[16rem_minmax(0,1fr)]"
          >
            <div>
              <h2 className="font-display text-xl font-semibold">{capital(symptom)}</h2>
              <Link
                href={faultHref({ seen: id })}
                className="inline-flex min-h-8 items-center text-act underline pointer-coarse:min-h-11"
                aria-label={`Find out why: ${symptom}`}
              >
                Find out why
              </Link>
            </div>
            <dl className="grid gap-x-4 gap-y-1 sm:grid-cols-[7rem_minmax(0,1fr)]">
              <dt className="text-soft">Comes from</dt>
              <dd>{causes}</dd>
              <dt className="text-soft">What helps</dt>
              <dd className="font-semibold">{mend}</dd>
              <dt className="text-soft">Next time</dt>
              <dd>{nextTime}</dd>
            </dl>
          </li>
        ))}
      </ul>
    </div>
  )
}
