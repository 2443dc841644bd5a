import { PIN_STATE_WORDS, PIN_WORDS } from '@/core/knowledge'
import { changedRow } from '@/core/model/changedRow'
import { type PhotoPin, PIN_STATES, type Picture, type PinState } from '@/core/model/picture'
import { useChangePins } from '@/state/writing'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { TextField } from '@/ui/Field'
import { Swatch } from '@/ui/Swatch'
import { number } from '@/ui/units'
import type { PictureTools } from './usePictureTools'

/** The pins of a picture, in the order in which they were put. */
export function PinList({ picture, tools }: { picture: Picture; tools: PictureTools }) {
  const { pins, chosen, choose } = tools
  return (
    <section aria-labelledby="pins">
      <h2 id="pins" className="font-display text-xl font-semibold">
        Pins
      </h2>
      {pins.length === 0 && (
        <p className="text-sm text-soft">
          None yet. A pin says what is to be seen where: the wear of a build goes by them.
        </p>
      )}
      <ol className="mt-1">
        {pins.map((pin, i) => (
          <li key={pin.id} className="border-t border-rule">
            <button
              type="button"
              aria-expanded={pin.id === chosen}
              className="flex min-h-11 w-full items-center gap-2.5 text-left hover:bg-act-wash"
              onClick={() => choose(pin.id === chosen ? null : pin.id)}
            >
              <span className="w-6 text-right font-semibold">{i + 1}</span>
              {pin.tone && <Swatch colour={pin.tone} />}
              <span className="min-w-0 grow">
                {PIN_WORDS[pin.effect]}
                <span className="text-soft">{sizeWords(pin)}</span>
              </span>
              <span className="text-sm text-soft">{PIN_STATE_WORDS[pin.state]}</span>
            </button>
            {pin.id === chosen && <PinFields picture={picture} pin={pin} tools={tools} />}
          </li>
        ))}
      </ol>
    </section>
  )
}

function sizeWords({ mm, direction }: PhotoPin): string {
  return [
    ...(mm === undefined ? [] : [`, ${number(mm, 2)} mm`]),
    ...(direction === undefined ? [] : [`, ${number(direction, 0)}°`]),
  ].join('')
}

const STRENGTHS = [
  { value: '', say: 'Not said' },
  { value: '0.3', say: 'A little' },
  { value: '0.6', say: 'Clearly' },
  { value: '1', say: 'Strongly' },
] as const

function PinFields({
  picture,
  pin,
  tools: { build, setPin },
}: {
  picture: Picture
  pin: PhotoPin
  tools: PictureTools
}) {
  const change = useChangePins(picture.id)
  const zones = build?.zones ?? []
  const said = (fields: Partial<PhotoPin>, label: string) => void setPin(pin.id, fields, label)
  const without = (field: 'zone' | 'strength') =>
    void change(
      (now) => now.map((one) => (one.id === pin.id ? withoutField(one, field) : one)),
      'Changed a pin',
    )
  return (
    <div className="grid grid-cols-2 gap-3 pb-3 pl-8">
      <Choose
        label="Where it belongs"
        value={pin.zone ?? ''}
        choices={[
          { value: '', say: zones.length > 0 ? 'Not said' : 'No zones yet' },
          ...zones.map(({ id, name }) => ({ value: id, say: name })),
        ]}
        onChoose={(zone) => (zone ? said({ zone }, 'Where a pin belongs') : without('zone'))}
      />
      <Choose
        label="How strong"
        value={pin.strength === undefined ? '' : String(pin.strength)}
        choices={STRENGTHS}
        onChoose={(value) =>
          value ? said({ strength: Number(value) }, 'How strong a pin is') : without('strength')
        }
      />
      <Choose
        label="How it stands"
        value={pin.state}
        choices={PIN_STATES.map((value) => ({ value, say: PIN_STATE_WORDS[value] }))}
        onChoose={(state) =>
          said({ state: state as PinState }, `Pin: ${PIN_STATE_WORDS[state as PinState]}`)
        }
      />
      {(pin.state === 'waived' || pin.state === 'accepted') && (
        <TextField
          key={pin.state}
          label="Why"
          defaultValue={pin.why ?? ''}
          maxLength={4000}
          onBlur={({ target }) =>
            target.value !== (pin.why ?? '') && said({ why: target.value }, 'Why a pin is left')
          }
        />
      )}
      <span className="self-end">
        <Button
          onClick={() => void change((now) => changedRow(now, pin.id, null), 'Took a pin out')}
        >
          Take it out
        </Button>
      </span>
    </div>
  )
}

function withoutField(pin: PhotoPin, field: 'zone' | 'strength'): PhotoPin {
  const { [field]: _, ...rest } = pin
  return rest as PhotoPin
}
