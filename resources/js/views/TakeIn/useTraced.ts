import { useEffect, useState } from 'react'
import { ask } from '../../lib/http'
import { attempted } from '../../lib/attempt'
import { useLatest } from '../../lib/latest'
import type { Marks } from '../../lib/marks'
import type { Sentences } from '../../types/page'
import type { MadeOutline } from './Tracer'
import type { KnownSize, Scale } from './TracerScale'
import * as words from '@words/takeIn'

/** What the server makes of the marks, as soon as there are enough of them. */
export function useTraced(marks: Marks, scale: Scale, known: KnownSize) {
    // with the marks that it was made of: it is used only when those are the marks that stand there now
    const [made, setMade] = useState<{ outline: MadeOutline; of: string } | null>(null)
    const [sentences, setSentences] = useState<Sentences>({})
    const scaleReady =
        scale === 'length'
            ? marks.length.length === 2 && known.mm.trim() !== ''
            : marks.sheet.length === 4 && known.width_mm.trim() !== '' && known.height_mm.trim() !== ''
    const ready = scaleReady && (marks.loops[0]?.length ?? 0) >= 3
    const latest = useLatest(async ({ body, key }: { body: unknown; key: string }) => {
        const traced = await attempted(() => ask<MadeOutline>('POST', '/outlines/traced', body))
        setMade(traced.done ? { outline: traced.value, of: key } : null)
        setSentences(
            traced.done
                ? {}
                : traced.isUnreachable
                  ? { outline: words.theStudioDoesNotAnswerWhatYouMarked }
                  : traced.sentences,
        )
    })
    const body = {
        loops: marks.loops.filter((loop) => loop.length > 0),
        ...(scale === 'length'
            ? { length: { from: marks.length[0], to: marks.length[1], mm: known.mm } }
            : { sheet: { corners: marks.sheet, width_mm: known.width_mm, height_mm: known.height_mm } }),
    }
    const key = JSON.stringify(body)
    useEffect(() => {
        if (ready) latest({ body, key })
        else setMade(null)
        // body is described by its key
    }, [key, ready]) // eslint-disable-line
    return {
        made: made?.outline ?? null,
        /** It was made of the marks that stand there now. */
        isOfThese: made?.of === key,
        sentences: ready ? sentences : { ...sentences, outline: undefined },
    }
}
