import type { SwatchFit } from '@/core/colour'
import type { Bottle } from '@/core/model/bottle'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { number } from '@/ui/units'

/** What a swatch says of a bottle: how far it is from what was predicted, the hiding that explains it, kept with the bottle. */
export function SwatchSays({
  bottle,
  fit,
  laid,
}: {
  bottle: Bottle
  fit: SwatchFit
  /** What was laid and seen, as the log says it: "2 × over #222223 came out #8C201D". */
  laid: string
}) {
  const run = useRun()
  const keep = () => {
    const text = `Swatch of ${bottle.name}: ${laid}, ΔE00 ${fit.before.toFixed(1)} from what was predicted. It hides in ${fit.hiding} light coats.`
    void run('keepSwatch', bottle.id, fit.hiding, text)
  }
  return (
    <>
      <p className="mt-2 text-sm" aria-live="polite">
        Predicted ΔE00 {number(fit.before, 1, true)} away. {worthWords(fit)}
      </p>
      <Button
        className="mt-2"
        disabled={fit.worth !== 'firm' || bottle.hiding === fit.hiding}
        onClick={keep}
      >
        {bottle.hiding === fit.hiding ? 'Saved with the bottle' : 'Save it with the bottle'}
      </Button>
      {bottle.hiding !== undefined && (
        <Button
          className="mt-2 ml-2"
          onClick={() =>
            void run(
              'changeBottles',
              [{ id: bottle.id, fields: { hiding: undefined } }],
              `${bottle.name} hides as its colour usually does`,
            )
          }
        >
          Back to the usual
        </Button>
      )}
    </>
  )
}

function worthWords({ worth, hiding, after, span: [least, most] }: SwatchFit): string {
  if (worth === 'strange') return 'No hiding explains that: is the colour of the bottle right?'
  const between = `${number(least, 1)} to ${number(most, 1)} light coats`
  if (worth === 'open')
    return `Anything from ${between} would look like that: lay a thinner one to know how well it hides.`
  return `Hiding in ${number(hiding, 1)} light coats explains it to ${number(after, 1, true)} (${between} look alike).`
}
