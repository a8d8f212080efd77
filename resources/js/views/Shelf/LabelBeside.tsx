import { useEffect, useState, type ReactNode } from 'react'
import { Remove } from '../../controls/Remove'
import { FilmLane, lanePhases } from '../../drawings/FilmLane'
import type { PhaseSpan } from '../../types/answer'
import { FileChoice } from '../../controls/FileChoice'
import * as texts from '@words/shelf'

export interface Checked {
    doubts: string[]
    silences: string[]
    phases: PhaseSpan[]
    /** What is taken where the label is silent, by its field. */
    typical: Record<string, number>
}

/** A photo of the label beside what is typed of it, what can be doubted of that, and what its silences cost. */
export function LabelBeside({ checked }: { checked: Checked | null }): ReactNode {
    const [photo, setPhoto] = useState<string | null>(null)
    useEffect(() => () => (photo === null ? undefined : URL.revokeObjectURL(photo)), [photo])
    return (
        <aside className="space-y-4 lg:min-h-0 lg:overflow-auto">
            {photo === null ? (
                <FileChoice
                    accept="image/*"
                    onFile={(file) => setPhoto(URL.createObjectURL(file))}
                    className="flex min-h-14 items-center justify-center rounded border border-dashed border-line px-3"
                >
                    {texts.layAPhotoOfTheLabelBesideIt}
                </FileChoice>
            ) : (
                <div className="relative">
                    <div className="max-h-[38dvh] overflow-auto border ruled">
                        <img src={photo} alt={texts.theLabel} className="w-[160%] max-w-none" />
                    </div>
                    <Remove label={texts.takeThePhotoAway} onPress={() => setPhoto(null)} />
                </div>
            )}
            {checked !== null && (
                <>
                    <FilmLane phases={lanePhases(checked.phases)} height={20} words={false} />
                    {checked.doubts.map((doubt) => (
                        <p key={doubt} className="rounded bg-kraft px-3 py-1.5 text-kraft-ink">
                            <strong>{texts.lookAgain} </strong>
                            {doubt}
                        </p>
                    ))}
                    {checked.silences.length > 0 && (
                        <div>
                            <h3 className="font-bold">{texts.whatItsSilenceCosts}</h3>
                            <ul className="mt-1 space-y-1 text-[15px]">
                                {checked.silences.map((silence) => (
                                    <li key={silence} className="border-l-2 border-line pl-2">
                                        {silence}
                                    </li>
                                ))}
                            </ul>
                        </div>
                    )}
                </>
            )}
            {checked === null && <p className="text-soft">{texts.itsNameItsRatioAndItsWorkingTimeAre}</p>}
        </aside>
    )
}
