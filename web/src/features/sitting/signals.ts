import { useEffect, useRef, useState } from 'react'

const FLASH_MS = 180

const calm = () => matchMedia('(prefers-reduced-motion: reduce)').matches

/** Two short tones, made on the spot; a browser that forbids sound stays silent. */
function sound(high: boolean) {
  try {
    const context = new AudioContext()
    const tone = context.createOscillator()
    const volume = context.createGain()
    tone.frequency.value = high ? 660 : 440
    volume.gain.setValueAtTime(0.12, context.currentTime)
    volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + 0.35)
    tone.connect(volume).connect(context.destination)
    tone.start()
    tone.stop(context.currentTime + 0.36)
    tone.onended = () => void context.close()
  } catch {
    return
  }
}

/** Hears and sees each change of step, as far as the learner wants; tells whether it flashes now. */
export function useSignals(step: number | undefined, rest: boolean, own: { sound: boolean; flash: boolean }) {
  const last = useRef(step)
  const [flashing, setFlashing] = useState(false)
  useEffect(() => {
    if (step === undefined || last.current === undefined || last.current === step) {
      last.current = step
      return
    }
    last.current = step
    if (own.sound && !calm()) {
      sound(!rest)
    }
    if (!own.flash || calm()) {
      return
    }
    const begin = setTimeout(() => setFlashing(true))
    const end = setTimeout(() => setFlashing(false), FLASH_MS)
    return () => {
      clearTimeout(begin)
      clearTimeout(end)
      setFlashing(false)
    }
  }, [step, rest, own.sound, own.flash])
  return flashing
}

/** Keeps the screen awake while a sitting runs, where the browser can. */
export function useAwake(wanted: boolean) {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) {
      return
    }
    let lock: WakeLockSentinel | undefined
    const take = () => {
      if (document.visibilityState === 'visible') {
        navigator.wakeLock.request('screen').then(
          (taken) => {
            lock = taken
          },
          () => undefined,
        )
      }
    }
    take()
    document.addEventListener('visibilitychange', take)
    return () => {
      document.removeEventListener('visibilitychange', take)
      void lock?.release()
    }
  }, [wanted])
}
