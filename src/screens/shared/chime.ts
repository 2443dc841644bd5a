/** One short, quiet tone. */
export function chime(): void {
  const audio = new AudioContext()
  const tone = audio.createOscillator()
  const level = audio.createGain()
  level.gain.value = 0.08
  tone.frequency.value = 660
  tone.connect(level).connect(audio.destination)
  tone.start()
  tone.stop(audio.currentTime + 0.25)
}
