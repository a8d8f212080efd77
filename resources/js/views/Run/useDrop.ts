import { useState } from 'react'
import { theQueue } from '../../lib/journal/useJournal'
import type { RunFilm } from '../../types/page'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

interface Drop {
    /** Takes a piece that is not poured after all out of the run: its coat is to be poured another time. */
    drop: (film: RunFilm) => void
    /** Puts the last one back; null where there is none. */
    back: (() => void) | null
    /** Something else was pressed since: that is what is taken back next. */
    forget: () => void
}

export function useDrop(): Drop {
    const [last, setLast] = useState<{ film: string; event: string; title: string } | null>(null)
    return {
        drop: (film) =>
            void theQueue()
                .press('taken_off', film.id, {}, words.offTheBench(film.title))
                .then((heard) => {
                    if (heard.status === 'done') setLast({ film: film.id, event: heard.id, title: film.title })
                }),
        forget: () => setLast(null),
        back:
            last === null
                ? null
                : () => {
                      void theQueue().press(
                          'undone',
                          last.film,
                          { of: last.event },
                          ofPour.takingBack(words.offTheBench(last.title)),
                      )
                      setLast(null)
                  },
    }
}
