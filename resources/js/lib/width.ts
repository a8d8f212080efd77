import { useEffect, useState } from 'react'

/** No drawing is made for less. */
const LEAST_PX = 280

/** The width of an element on the page, in px. */
export function useWidth(element: HTMLElement | null, first: number): number {
    const [width, setWidth] = useState(first)
    useEffect(() => {
        if (element === null) return
        const observer = new ResizeObserver(([entry]) => {
            if (entry !== undefined) setWidth(Math.max(LEAST_PX, Math.round(entry.contentRect.width)))
        })
        observer.observe(element)
        return () => observer.disconnect()
    }, [element])
    return width
}
