import { Choose } from '@/ui/Choose'
import { tellIn, telling, UNIT_CHOICES, type UnitChoice } from '@/ui/units'
import { useTelling } from '../shared/useTelling'

/** Locales that are offered; any other that the browser has is its own. */
const LOCALES = [
  'en-GB',
  'en-US',
  'de-DE',
  'fr-FR',
  'es-ES',
  'it-IT',
  'nl-NL',
  'pl-PL',
  'pt-PT',
  'sv-SE',
  'ja-JP',
]

/** In which units measures are told, and how dates and numbers are written. Everything is reckoned and filed in metric. */
export function UnitsSection() {
  const { others, locale } = useTelling()
  const choose = (key: UnitChoice, isOther: boolean) =>
    tellIn({
      ...telling(),
      others: isOther ? [...new Set([...others, key])] : others.filter((one) => one !== key),
    })
  return (
    <section aria-labelledby="units">
      <h2 id="units" className="font-display text-2xl font-semibold">
        Units, dates and numbers
      </h2>
      <p className="text-soft">Only what you see and type. Files stay metric.</p>
      <div className="mt-3 grid max-w-xl grid-cols-2 gap-3 sm:grid-cols-3">
        {UNIT_CHOICES.map(({ key, say, metric, other }) => (
          <Choose
            key={key}
            label={say}
            value={others.includes(key) ? 'other' : 'metric'}
            onChoose={(next) => choose(key, next === 'other')}
            choices={[
              { value: 'metric', say: metric },
              { value: 'other', say: other },
            ]}
          />
        ))}
        <Choose
          label="Dates and numbers"
          value={locale ?? ''}
          onChoose={(next) => {
            tellIn({ ...telling(), locale: next || null })
            // Dates that are on the page already were written the other way.
            window.location.reload()
          }}
          choices={[
            { value: '', say: 'As the browser does' },
            ...LOCALES.map((value) => ({ value, say: nameOf(value) })),
          ]}
        />
      </div>
    </section>
  )
}

/** A locale in its own words. */
function nameOf(locale: string): string {
  return new Intl.DisplayNames([locale], { type: 'language' }).of(locale) ?? locale
}
