'use client'
import type { BuildStep } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { Step } from '@/core/model/sequence'
import { cx } from '@/ui/cx'
import { namedStep } from './panelWords'

/** The steps in order, each a band in its colour; what stands before the slider lies on the panel. */
export function StepStrip({
  steps,
  at,
  wrong,
  onAt,
}: {
  steps: readonly BuildStep[]
  at: number
  /** Steps at which something goes wrong. */
  wrong: ReadonlySet<number>
  onAt: (at: number) => void
}) {
  const said = `After ${at} of ${steps.length}: ${namedStep(steps[at - 1])}`
  return (
    <div className="mt-3">
      <p className="font-semibold">{said}</p>
      <div className="mt-1 flex h-9 gap-px" aria-hidden="true">
        {steps.map((step, i) => (
          <button
            key={step.id}
            type="button"
            tabIndex={-1}
            title={namedStep(step)}
            onClick={() => onAt(i + 1)}
            className={cx(
              'relative min-w-0 flex-1 border-b-4',
              i === at - 1 ? 'border-act' : 'border-transparent',
              i >= at && 'opacity-30',
              !isAct(step as Step) && 'max-w-2',
            )}
            style={{ background: colourOf(step) ?? 'var(--plate)' }}
          >
            {wrong.has(i) && (
              <span className="absolute inset-x-0 bottom-full mx-auto size-2 bg-stop" />
            )}
          </button>
        ))}
      </div>
      <input
        type="range"
        aria-label="How far it is laid"
        aria-valuetext={said}
        min={0}
        max={steps.length}
        value={at}
        onChange={({ target }) => onAt(Number(target.value))}
        className="min-h-11 w-full accent-act"
      />
    </div>
  )
}

function colourOf(step: BuildStep): string | undefined {
  return isAct(step as Step) ? (step as { colour?: string }).colour : undefined
}
