import { laysClear } from '@/core/knowledge'
import { ACT_OF_ROLE } from '@/core/knowledge/words/roles'
import type { Project } from '@/core/model/project'
import type { ActStep } from '@/core/model/sequence'
import type { TrayPaint } from './BottleTray'

/** The bottle or the saved mix of an id; null: it is gone. */
export function paintCalled({ shelf, mixes }: Project, id: string): TrayPaint | null {
  const bottle = shelf?.find((row) => row.id === id)
  const mix = mixes?.find((row) => row.id === id)
  if (bottle) return { is: 'bottle', bottle }
  return mix ? { is: 'mix', mix } : null
}

/** What a step gets from its paint, and what it loses by it: null takes a field away. @param clear does it lay a clear? */
export function paintOf(paint: TrayPaint, clear: boolean): Record<string, string | null> {
  if (paint.is === 'mix') {
    const { id, family, colour } = paint.mix
    return { family: family ?? null, colour: colour ?? null, mix: id, bottle: null }
  }
  const { id, family, colour, sheen } = paint.bottle
  return {
    family,
    ...(colour && !clear ? { colour } : {}),
    ...(clear && !sheen ? {} : { sheen: sheen ?? null }),
    mix: null,
    bottle: id,
  }
}

/** The step that a bottle or a saved mix is most often opened for; null: it makes none. */
export function paintedStep(paint: TrayPaint): ActStep | null {
  if (paint.is === 'mix') {
    const { id, family, colour } = paint.mix
    return {
      do: 'base',
      ...(family ? { family } : {}),
      ...(colour ? { colour } : {}),
      mix: id,
    } as ActStep
  }
  const { id, role, family, colour, sheen } = paint.bottle
  const act = ACT_OF_ROLE[role]
  if (act === null) return null
  return {
    do: act,
    family,
    ...(colour && !laysClear({ do: act }) ? { colour } : {}),
    ...(sheen ? { sheen } : {}),
    bottle: id,
  } as ActStep
}
