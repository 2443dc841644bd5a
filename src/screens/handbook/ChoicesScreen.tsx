import { SCHOOL_TABLE } from '@/core/knowledge'

/** Where good painters differ: what each way brings and costs. A build chooses its own. */
export function ChoicesScreen() {
  return (
    <div className="max-w-5xl p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">Finishing choices</h1>
      <p className="mt-1 max-w-prose text-soft">
        Good painters differ here. Choose for each build, on its own page; the checks follow.
      </p>
      <ul className="mt-4">
        {Object.entries(SCHOOL_TABLE).map(([id, { question, choices }]) => (
          <li
            key={id}
            className="grid gap-x-8 gap-y-2 border-t border-rule py-4 md:grid-cols-[16rem_minmax(0,1fr)]"
          >
            <h2 className="font-display text-xl font-semibold">{question}</h2>
            <ul className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
              {choices.map(({ value, name, brings, costs }) => (
                <li key={value}>
                  <p className="font-semibold">{name}</p>
                  <p>{brings}</p>
                  <p className="text-soft">Costs: {costs}</p>
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
    </div>
  )
}
