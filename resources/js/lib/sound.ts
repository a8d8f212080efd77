import { useEffect, useRef } from 'react'

/** What is heard when something falls due. */
export type Loud = 'off' | 'bell' | 'voice'

let context: AudioContext | null = null

/** Browsers let a page sound only after somebody has touched it. */
export function allowSound(): void {
    context ??= new AudioContext()
    void context.resume()
}

/** Two rising tones that carry over a heater and through ear defenders. */
export function chime(): void {
    if (context === null || context.state !== 'running') return
    const start = context.currentTime
    for (const [delay, frequency] of [
        [0, 660],
        [0.22, 880],
    ] as const) {
        const tone = context.createOscillator()
        const loud = context.createGain()
        tone.frequency.value = frequency
        loud.gain.setValueAtTime(0.0001, start + delay)
        loud.gain.exponentialRampToValueAtTime(0.35, start + delay + 0.02)
        loud.gain.exponentialRampToValueAtTime(0.0001, start + delay + 0.5)
        tone.connect(loud).connect(context.destination)
        tone.start(start + delay)
        tone.stop(start + delay + 0.55)
    }
}

/**
 * Sounds once when something falls due, and shakes a device that can.
 *
 * @param due its name; null while nothing is due
 * @param spoken what is said aloud besides, where that is wanted; null for nothing
 */
export function useBell(due: string | null, loud: Loud, spoken: string | null): void {
    const before = useRef(due)
    useEffect(() => {
        if (due !== before.current && due !== null && loud !== 'off') {
            chime()
            navigator.vibrate?.(300)
            if (spoken !== null && loud === 'voice') say(spoken)
        }
        before.current = due
    }, [due, loud, spoken])
}

/** A voice of the device itself: none that sends what it says anywhere. */
function ownVoice(): SpeechSynthesisVoice | undefined {
    if (!('speechSynthesis' in window)) return undefined
    return speechSynthesis
        .getVoices()
        .find((one) => one.localService && one.lang.startsWith(document.documentElement.lang))
}

export function hasVoice(): boolean {
    return ownVoice() !== undefined
}

/** Says something by a voice of the device itself; silent where there is none. */
export function say(text: string): void {
    const voice = ownVoice()
    if (voice === undefined) return
    const words = new SpeechSynthesisUtterance(text)
    words.voice = voice
    speechSynthesis.speak(words)
}
