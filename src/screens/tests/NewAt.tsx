import { X } from 'lucide-react'
import { actRow } from '@/core/knowledge'
import { ACTS, type Act } from '@/core/model/vocabulary'
import { useProject } from '@/state/hooks'
import { useChangeSessions } from '@/state/writing'
import { Choose } from '@/ui/Choose'

/** Kinds of act of which somebody tries how it comes out. */
const TRIED: readonly string[] = ['film', 'open', 'clean', 'level']
/** Acts as they are done with paint: a wash is one of paint, not of the part. */
const asPaint = (act: Act) => actRow(act, 'enamel-wash')
const TRIABLE = ACTS.filter((act) => TRIED.includes(asPaint(act).kind))

function actName(act: Act): string {
  return asPaint(act).name
}

/** What the modeller is new at: each asks for a test piece before it goes onto a model. */
export function NewAt() {
  const changeSessions = useChangeSessions()
  const { sessions } = useProject()
  const all = sessions?.newAt ?? []
  if (!sessions) return null
  const set = (next: (now: readonly Act[]) => Act[], label: string) =>
    void changeSessions((now) => ({ newAt: next(now.newAt ?? []) }), label)
  return (
    <section aria-labelledby="new-at" className="mt-8 max-w-3xl border-t border-rule pt-4">
      <h2 id="new-at" className="font-display text-xl font-semibold">
        What you are new at
      </h2>
      <p className="text-sm text-soft">
        Each asks for a test piece, until one came out well with the same tool on the same sheen.
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        {all.map((act) => (
          <button
            key={act}
            type="button"
            className="key inline-flex min-h-11 items-center gap-2 px-3"
            aria-label={`Not new at ${actName(act)} any more`}
            onClick={() =>
              set((now) => now.filter((one) => one !== act), `Not new at ${actName(act)} any more`)
            }
          >
            {actName(act)}
            <X className="size-4" aria-hidden="true" />
          </button>
        ))}
        <div className="w-60">
          <Choose
            label="Add one"
            value=""
            choices={[
              { value: '', say: 'Choose…' },
              ...TRIABLE.filter((act) => !all.includes(act)).map((act) => ({
                value: act,
                say: actName(act),
              })),
            ]}
            onChoose={(act) =>
              act && set((now) => [...now, act as Act], `New at ${actName(act as Act)}`)
            }
          />
        </div>
      </div>
    </section>
  )
}
