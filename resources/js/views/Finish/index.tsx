import { router } from '@inertiajs/react'
import { CameraIcon } from '@phosphor-icons/react'
import { useId, useState, type ReactNode } from 'react'
import { Button, LinkButton } from '../../controls/Button'
import { Field, TextArea } from '../../controls/Field'
import { StagePage } from '../../controls/Stages'
import { cupFor } from '../../drawings/Cup'
import { withFilmPress } from '../../lib/journal/film'
import { useFormPress } from '../../lib/journal/useFormPress'
import { useOnBench, useQueue } from '../../lib/journal/useJournal'
import { useSending } from '../../lib/sending'
import { trimmed } from '../../lib/format'
import type { PlannedAndUsed, PourState } from '../../types/page'
import { PartTaken, saidOf, takenText, type Said } from './PartTaken'
import { whyNot } from './photo'
import { FileChoice } from '../../controls/FileChoice'
import * as words from '@words/finish'

export interface Props {
    pour: PourState
    planned: PlannedAndUsed
    photo_limits: { megabytes: number; megapixels: number }
}

/** What it really took, while one still knows it: each amount with how one knows it, and nothing made up. */
export default function Finish({ pour: first, planned, photo_limits: limits }: Props): ReactNode {
    const { state: pour } = useOnBench(first, `/pours/${first.id}/state`, withFilmPress)
    const { waiting } = useQueue()
    const onItsWay = waiting.some((one) => one.subject === pour.id && one.kind === 'poured')
    const [said, setSaid] = useState<Record<'a' | 'b', Said>>(() => ({
        a: saidOf(planned, 'a'),
        b: saidOf(planned, 'b'),
    }))
    const [tray, setTray] = useState(planned.tray_g === null ? '' : String(planned.tray_g))
    const [left, setLeft] = useState(planned.left_g === null ? '' : String(planned.left_g))
    const [note, setNote] = useState(planned.note ?? '')
    const [photo, setPhoto] = useState<File | null>(null)
    const { sending, sentences, setSentences, options } = useSending()
    const press = useFormPress(Object.keys(sentences).length === 0, pour.id)
    const photoId = useId()

    const choose = async (file: File | undefined): Promise<void> => {
        if (file === undefined) return
        const sentence = await whyNot(file, limits)
        setSentences({ ...sentences, photo: sentence ?? '' })
        if (sentence === null) setPhoto(file)
    }
    const send = async (): Promise<void> =>
        router.post(
            `/pours/${pour.id}/finish`,
            {
                used_a: takenText(said.a),
                used_b: takenText(said.b),
                how_a: said.a.how,
                how_b: said.b.how,
                tray_g: tray,
                left_g: left,
                note,
                press: JSON.stringify(await press()),
                ...(photo ? { photo } : {}),
            },
            { forceFormData: true, ...options },
        )
    return (
        <StagePage
            title={pour.title}
            at="finish"
            way={{ pieceId: pour.piece_id, coatId: pour.coat_id, pourId: pour.id }}
            back={
                <LinkButton href={`/pours/${pour.id}`} look="quiet">
                    {words.thePour}
                </LinkButton>
            }
            forward={
                <Button
                    look="next"
                    className="min-w-44"
                    disabled={sending || onItsWay || pour.poured_at === null}
                    onClick={() => void send()}
                >
                    {words.writeItDown}
                </Button>
            }
        >
            <div className="mx-auto grid w-full max-w-5xl gap-8 p-4 sm:p-8 lg:grid-cols-[1fr_20rem]">
                <section className="space-y-5">
                    <h2 className="figure text-2xl">{words.whatItTook}</h2>
                    {pour.poured_at === null && (
                        <p className="font-semibold">{words.nothingOfItIsOnThePieceYetThisCanBe}</p>
                    )}
                    {onItsWay && <p className="font-semibold">{words.thatItIsOnThePieceIsOnItsWayToThe}</p>}
                    {(['a', 'b'] as const).map((part) => (
                        <PartTaken
                            key={part}
                            part={part}
                            planned={planned}
                            cupMl={cupFor(Math.max(planned.planned.a_ml, planned.planned.b_ml))}
                            said={said[part]}
                            sentence={sentences[`used_${part}`]}
                            onChange={(to) => setSaid((before) => ({ ...before, [part]: to }))}
                        />
                    ))}
                    <TextArea label={words.oneNoteWhatWentWellWhatDidNot} value={note} onChange={setNote} />
                </section>
                <section>
                    <h2 className="figure pb-3 text-2xl">{words.aPhoto}</h2>
                    <FileChoice
                        accept="image/jpeg,image/png,image/webp"
                        onFile={(file) => void choose(file)}
                        describedBy={`${photoId}-note`}
                        className="grid min-h-40 place-items-center rounded border border-dashed border-line bg-sheet p-4 text-center"
                    >
                        <span>
                            <CameraIcon size={34} className="mx-auto" />
                            <span className="block pt-2 font-semibold">
                                {photo?.name ?? (planned.photo ? words.anotherPhoto : words.takeOrChooseOne)}
                            </span>
                            <span className="block text-sm text-soft">{words.inRakingLight(limits.megabytes)}</span>
                        </span>
                    </FileChoice>
                    <p id={`${photoId}-note`} role="status" className="mt-2 font-semibold text-danger">
                        {sentences.photo ?? ''}
                    </p>
                    {planned.photo !== null && photo === null && (
                        <img
                            src={planned.photo}
                            alt={words.thePourAsItWasPhotographed}
                            className="mt-2 max-h-60 border border-line"
                        />
                    )}
                    <div className="mt-6 space-y-4">
                        <Field
                            className="w-60"
                            label={words.leftInTheCup}
                            hint={pour.from_cup ? words.theCupWeighedBackShared : words.theCupWeighedBack}
                            unit="g"
                            value={left}
                            inputMode="decimal"
                            sentence={sentences.left_g}
                            onChange={setLeft}
                        />
                        <Field
                            className="w-60"
                            label={words.weighedInTheTrayBelowIt}
                            hint={
                                planned.ran_off?.g == null
                                    ? words.whatRanOffWithoutTheTray
                                    : words.whatRanOffWithoutTheTrayGWereSaid(trimmed(planned.ran_off.g, 0))
                            }
                            unit="g"
                            value={tray}
                            inputMode="decimal"
                            sentence={sentences.tray_g}
                            onChange={setTray}
                        />
                    </div>
                    {sentences.form !== undefined && <p className="font-semibold text-danger">{sentences.form}</p>}
                </section>
            </div>
        </StagePage>
    )
}
