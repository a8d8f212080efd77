import { lazy, Suspense, useEffect, useState, type ReactNode } from 'react'
import { Sheet } from '../../controls/Sheet'
import { PhotoDrop } from './PhotoDrop'
import * as words from '@words/takeIn'

const Board = lazy(() => import('./TracerBoard'))

/** An outline that was not typed, as the server made it. */
export interface MadeOutline {
    d: string
    area_cm2: number
    width_mm: number
    height_mm: number
}

export interface Photo {
    url: string
    width: number
    height: number
}

interface Props {
    open: boolean
    onClose: () => void
    onUse: (outline: MadeOutline) => void
}

/** Tracing a piece over its photo: a scale first, then its edge, then its holes. */
export function Tracer({ open, onClose, onUse }: Props): ReactNode {
    const [photo, setPhoto] = useState<Photo | null>(null)
    const [wrong, setWrong] = useState<string | null>(null)
    const url = photo?.url
    useEffect(() => () => (url === undefined ? undefined : URL.revokeObjectURL(url)), [url])
    const bring = (file: File | undefined): void => {
        if (file === undefined) return
        const url = URL.createObjectURL(file)
        const image = new Image()
        // the browser turns it upright by what the camera wrote
        image.onload = () => {
            setWrong(null)
            setPhoto({ url, width: image.naturalWidth, height: image.naturalHeight })
        }
        image.onerror = () => {
            URL.revokeObjectURL(url)
            setWrong(words.thisIsNoPhotoThatCanBeShownBringAJPEG)
        }
        image.src = url
    }
    return (
        <Sheet open={open} onClose={onClose} title={words.traceItOverAPhoto} full>
            {photo === null ? (
                <PhotoDrop onFile={bring} wrong={wrong} />
            ) : (
                <Suspense>
                    <Board photo={photo} onOther={() => setPhoto(null)} onUse={onUse} />
                </Suspense>
            )}
        </Sheet>
    )
}
