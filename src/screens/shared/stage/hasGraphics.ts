/** Can the machine draw in three dimensions? Asked once. */
let graphics: boolean | null = null
export function hasGraphics(): boolean {
  if (graphics !== null) return graphics
  if (typeof document === 'undefined') return false
  graphics = document.createElement('canvas').getContext('webgl2') !== null
  return graphics
}
