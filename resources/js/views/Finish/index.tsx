import { router } from '@inertiajs/react'
import { CameraIcon } from '@phosphor-icons/react'
import { useId, useState, type ReactNode } from 'react'
import { Button, LinkButton } from '../../controls/Button'
import { Switch } from '../../controls/Choice'
import { Field, TextArea } from '../../controls/Field'
import { StagePage } from '../../controls/Stages'
import { Cup, cupFor } from '../../drawings/Cup'
import { digits, volumeMix, weightMix } from '../../lib/format'
import { useSending } from '../../lib/sending'
import type { PlannedAndUsed, PourState } from '../../types/page'

interface Props {
    pour: PourState
    planned: PlannedAndUsed
    photo_limits: { megabytes: number; megapixels: number }
}

type By = 'g' | 'ml'

/** What it really took, while one still knows it. */
export default function Finish({ pour, planned, photo_limits: limits }: Props): ReactNode {
    const [by, setBy] = useState<By>(planned.planned.total_g === null ? 'ml' : 'g')
    const [typed, setTyped] = useState<Record<By, { a: string; b: string }>>(() => ({
        g: { a: shown(planned, 'a', 'g'), b: shown(planned, 'b', 'g') },
        ml: { a: shown(planned, 'a', 'ml'), b: shown(planned, 'b', 'ml') },
    }))
    const used = typed[by]
    const [note, setNote] = useState(planned.note ?? '')
    const [photo, setPhoto] = useState<File | null>(null)
    const { sending, sentences, setSentences, options } = useSending()
    const photoId = useId()
    const { mix, grams } = { mix: planned.planned, grams: weightMix(planned.planned.a_g, planned.planned.total_g) }
    const ml = volumeMix(mix.a_ml, mix.b_ml, 'metric')

    const choose = async (file: File | undefined): Promise<void> => {
        if (file === undefined) return
        const sentence = await whyNot(file, limits)
        setSentences({ ...sentences, photo: sentence ?? '' })
        if (sentence === null) setPhoto(file)
    }
    const send = (): void =>
        router.post(
            `/pours/${pour.id}/finish`,
            { used_a: used.a, used_b: used.b, by, note, ...(photo ? { photo } : {}) },
            { forceFormData: true, ...options },
        )
    return (
        <StagePage
            title={pour.title}
            at="finish"
            way={{ pieceId: pour.piece_id, coatId: pour.coat_id, pourId: pour.id }}
            back={
                <LinkButton href={`/pours/${pour.id}`} look="quiet">
                    The pour
                </LinkButton>
            }
            forward={
                <Button look="next" className="min-w-44" disabled={sending} onClick={send}>
                    Write it down
                </Button>
            }
        >
            <div className="mx-auto grid w-full max-w-5xl gap-8 p-4 sm:grid-cols-[1fr_20rem] sm:p-8">
                <section className="space-y-5">
                    <div className="flex flex-wrap items-end justify-between gap-4">
                        <h2 className="figure text-2xl">What it took</h2>
                        <Switch
                            label="Measured by"
                            value={by}
                            options={[
                                { value: 'g', label: 'Weight, g' },
                                { value: 'ml', label: 'Volume, ml' },
                            ]}
                            onChange={(value) => setBy(value === 'ml' ? 'ml' : 'g')}
                        />
                    </div>
                    {(['a', 'b'] as const).map((part) => {
                        const plan = by === 'g' ? grams[part] : ml[part]
                        return (
                            <div key={part} className="flex items-end gap-5">
                                <Cup
                                    part={part === 'a' ? 'A' : 'B'}
                                    ml={usedMl(planned, part, by, used[part])}
                                    cupMl={cupFor(Math.max(mix.a_ml, mix.b_ml))}
                                    height={104}
                                />
                                <Field
                                    className="w-44"
                                    label={`Part ${part.toUpperCase()} used`}
                                    value={used[part]}
                                    unit={by}
                                    inputMode="decimal"
                                    large
                                    sentence={sentences[`used_${part}`]}
                                    onChange={(value) =>
                                        setTyped((before) => ({ ...before, [by]: { ...before[by], [part]: value } }))
                                    }
                                />
                                <p className="pb-2 text-soft">
                                    planned {plan.text} {plan.unit}
                                </p>
                            </div>
                        )
                    })}
                    <TextArea label="One note: what went well, what did not" value={note} onChange={setNote} />
                </section>
                <section>
                    <h2 className="figure pb-3 text-2xl">A photo</h2>
                    <label
                        htmlFor={photoId}
                        className="grid min-h-40 cursor-pointer place-items-center rounded border border-dashed border-line bg-sheet p-4 text-center focus-within:outline-3 focus-within:outline-act"
                    >
                        <span>
                            <CameraIcon size={34} className="mx-auto" />
                            <span className="block pt-2 font-semibold">
                                {photo?.name ?? (planned.photo ? 'Another photo' : 'Take or choose one')}
                            </span>
                            <span className="block text-sm text-soft">
                                In raking light, if you can. JPEG, PNG or WebP, up to {limits.megabytes} MB.
                            </span>
                        </span>
                        <input
                            id={photoId}
                            type="file"
                            accept="image/jpeg,image/png,image/webp"
                            className="sr-only"
                            aria-describedby={`${photoId}-note`}
                            onChange={(event) => void choose(event.target.files?.[0])}
                        />
                    </label>
                    <p id={`${photoId}-note`} role="status" className="mt-2 font-semibold text-danger">
                        {sentences.photo ?? ''}
                    </p>
                    {planned.photo !== null && photo === null && (
                        <img
                            src={planned.photo}
                            alt="The pour as it was photographed"
                            className="mt-2 max-h-60 border border-line"
                        />
                    )}
                    {sentences.form !== undefined && <p className="font-semibold text-danger">{sentences.form}</p>}
                </section>
            </div>
        </StagePage>
    )
}

function density(planned: PlannedAndUsed, part: 'a' | 'b'): number {
    return part === 'a' ? planned.density_a_g_ml : planned.density_b_g_ml
}

/** What was written down before, else what was planned: most often that is what it took. */
function shown(planned: PlannedAndUsed, part: 'a' | 'b', by: By): string {
    const ml = planned.used[part === 'a' ? 'a_ml' : 'b_ml']
    if (ml !== null) return digits(by === 'g' ? ml * density(planned, part) : ml, 1)
    if (by === 'g' && part === 'b' && planned.planned.b_g === null) return ''
    return by === 'g'
        ? weightMix(planned.planned.a_g, planned.planned.total_g)[part].text
        : volumeMix(planned.planned.a_ml, planned.planned.b_ml, 'metric')[part].text
}

/** For the drawing only; what is written down is worked out by the server. */
function usedMl(planned: PlannedAndUsed, part: 'a' | 'b', by: By, text: string): number {
    // what was poured in stages may stand as a sum
    const amount = text.split('+').reduce((sum, cup) => sum + Number(cup.replace(',', '.')), 0)
    if (!Number.isFinite(amount) || amount < 0) return 0
    return by === 'g' ? amount / density(planned, part) : amount
}

/** Why a photo cannot be taken, found out before it is sent; null when it can. */
async function whyNot(file: File, limits: Props['photo_limits']): Promise<string | null> {
    if (file.size > limits.megabytes * 1024 * 1024) {
        return `This photo is larger than ${limits.megabytes} MB: choose a smaller one.`
    }
    const pixels = await pixelsOf(file)
    if (pixels === null) return 'This is not a photo that can be read: choose a JPEG, PNG or WebP file.'
    return pixels > limits.megapixels * 1_000_000
        ? `This photo has more than ${limits.megapixels} megapixels: choose a smaller one.`
        : null
}

/** Its size by its head: a browser knows it once the file is loaded, and decodes only what it paints. */
function pixelsOf(file: File): Promise<number | null> {
    const url = URL.createObjectURL(file)
    return new Promise<number | null>((resolve) => {
        const image = new Image()
        image.onload = () => resolve(image.naturalWidth * image.naturalHeight)
        image.onerror = () => resolve(null)
        image.src = url
    }).finally(() => URL.revokeObjectURL(url))
}
