/** Two short tones; a browser that was not touched yet stays silent, and the line is seen all the same. */
export function beep(): void {
  try {
    const sound = new AudioContext()
    for (const from of [0, 0.35]) {
      const tone = sound.createOscillator()
      const loud = sound.createGain()
      tone.frequency.value = 740
      loud.gain.value = 0.15
      tone.connect(loud).connect(sound.destination)
      tone.start(sound.currentTime + from)
      tone.stop(sound.currentTime + from + 0.22)
    }
    if (navigator.userActivation?.hasBeenActive) navigator.vibrate?.([200, 100, 200])
  } catch {
    // No sound here.
  }
}
