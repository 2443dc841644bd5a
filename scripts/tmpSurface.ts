import { layoutFeatures, LAYOUTS } from '../src/core/surface/layouts'
import { panelSamples } from '../src/core/surface/panelSamples'
import { encode } from 'fast-png'
import { writeFileSync } from 'node:fs'
for (const layout of LAYOUTS) {
  const t = performance.now()
  const s = panelSamples({ features: layoutFeatures(layout, 72, 96, 60), widthMm: 96, heightMm: 60, pxPerMm: 10, stands: 'upright', gravity: 90, travel: 0 })
  console.log(layout, Math.round(performance.now() - t), s.plates, s.lineDepth)
  const rgb = new Uint8Array(s.count * 3)
  for (let i = 0; i < s.count; i++) { rgb[i*3] = 255 * s.edge[i]!; rgb[i*3+1] = 255 * s.open[i]!; rgb[i*3+2] = Math.min(255, 255 * s.recess[i]! * 4) }
  writeFileSync(`/tmp/s-${layout}.png`, encode({ width: 960, height: 600, data: rgb, channels: 3 }))
}
