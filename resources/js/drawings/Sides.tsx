import type { ReactNode } from 'react'
import type { SideName } from '../types/plan'
import * as words from '@words/drawings'

export const SIDES: SideName[] = ['top', 'right', 'bottom', 'left']

/** A side: its straight part and the arc of the corner after it. */
export function sidePath(side: SideName, width: number, height: number, radius: number): string {
    const arc = `a${radius} ${radius} 0 0 1`
    return {
        top: `M${radius} 0 H${width - radius} ${arc} ${radius} ${radius}`,
        right: `M${width} ${radius} V${height - radius} ${arc} ${-radius} ${radius}`,
        bottom: `M${width - radius} ${height} H${radius} ${arc} ${-radius} ${-radius}`,
        left: `M0 ${height - radius} V${radius} ${arc} ${radius} ${-radius}`,
    }[side]
}

export function Edge({ d, scale, width }: { d: string; scale: number; width: number }): ReactNode {
    return (
        <path
            d={d}
            transform={`scale(${scale})`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={width}
            vectorEffect="non-scaling-stroke"
        />
    )
}

export function Side(props: {
    side: SideName
    d: string
    coated: boolean
    strokeWidth: number
    onPress?: (side: SideName) => void
}): ReactNode {
    return (
        <>
            <path d={props.d} fill="none" stroke="var(--ink)" strokeWidth={props.strokeWidth} strokeLinecap="square" />
            {props.onPress && (
                <path
                    d={props.d}
                    fill="none"
                    stroke="transparent"
                    pointerEvents="stroke"
                    strokeWidth="32"
                    className="cursor-pointer"
                    role="checkbox"
                    tabIndex={0}
                    aria-checked={props.coated}
                    aria-label={words.coatTheEdge(props.side)}
                    onClick={() => props.onPress?.(props.side)}
                    onKeyDown={(event) => {
                        if (event.key !== ' ' && event.key !== 'Enter') return
                        event.preventDefault()
                        props.onPress?.(props.side)
                    }}
                />
            )}
        </>
    )
}
