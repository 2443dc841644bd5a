import { remembered } from '../colour/remembered'
import type { Feature, Panel } from '../model/panel'
import { USUAL_PANEL, USUAL_SCALE } from '../model/panelFormat'
import { layoutFeatures } from '../surface/layouts'
import { panelSamples } from '../surface/panelSamples'
import type { Samples } from '../surface/samples'
import type { PanelRun } from './runPanel'

/** Surfaces that were asked lately: what is tried on one is tried again. */
const surfaces = remembered<Samples>(5)

/** The surface of a panel, and what is asked of it. @param scale 1:scale, of what is made smaller with it */
export function panelSurface(panel: Panel | undefined, scale: number = USUAL_SCALE): PanelRun {
  const { layout, widthMm, heightMm, pxPerMm, seed, stands, gravity, travel } = {
    ...USUAL_PANEL,
    ...panel,
  }
  const features: readonly Feature[] =
    typeof layout === 'string' ? layoutFeatures(layout, scale, widthMm, heightMm) : layout.features
  const shape = { features, widthMm, heightMm, pxPerMm, stands, gravity, travel }
  const samples = surfaces(JSON.stringify(shape), () => panelSamples(shape))
  return { samples, seed, scale }
}
