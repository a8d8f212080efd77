/** A height in the drawing with words beside it. */
export interface LabelledLevel {
    y: number
    label: string
}

export interface PlacedLevel extends LabelledLevel {
    /** Where the middle of its words stands. */
    at: number
}

/** Room that one line of small words takes. */
const LINE = 18

/**
 * Sets the words of levels beside what stands still (from, to), and one beside the other, none over another:
 * what lies above the middle of it goes up, what lies below goes down, each as little as needed.
 */
export function apart(levels: LabelledLevel[], from: number, to: number): PlacedLevel[] {
    const middle = (from + to) / 2
    const placed: PlacedLevel[] = []
    let free = from
    for (const level of levels.filter(({ y }) => y <= middle).sort((a, b) => b.y - a.y)) {
        const at = Math.min(level.y, free - LINE / 2)
        placed.push({ ...level, at })
        free = at - LINE / 2
    }
    free = to
    for (const level of levels.filter(({ y }) => y > middle).sort((a, b) => a.y - b.y)) {
        const at = Math.max(level.y, free + LINE / 2)
        placed.push({ ...level, at })
        free = at + LINE / 2
    }

    return placed
}
