/** Two amounts that were written in one field, "24 x 36" or "3:1"; null where it is one. */
export function inTwo(text: string, between: RegExp): [string, string] | null {
    const [first = '', second = '', ...more] = text.split(between).map((part) => part.trim())
    return more.length === 0 && /\d/.test(first) && /\d/.test(second) ? [first, second] : null
}

/** Width and height written as one size. A unit behind the second holds for both: 24 x 36 cm. */
export function bothSides(text: string): [string, string] | null {
    const sides = inTwo(text, /\s*(?:[x×*]|\bby\b)\s*/iu)
    if (sides === null) return null
    const unit = /[\d\s](mm|cm|m|in|inch(?:es)?|ft|["”″'])\.?$/iu.exec(sides[1])?.[1]
    return unit !== undefined && /^[\d.,/\s]+$/.test(sides[0]) ? [`${sides[0]} ${unit}`, sides[1]] : sides
}

/** Both parts of a ratio: 3:1, 100 to 44, 2/1. */
export function bothParts(text: string): [string, string] | null {
    return inTwo(text, /\s*(?::|\/|\bto\b)\s*/iu)
}
