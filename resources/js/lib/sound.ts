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
