import { CameraIcon } from '@phosphor-icons/react'
import { type ReactNode } from 'react'
import { FileChoice } from '../../controls/FileChoice'
import * as words from '@words/takeIn'

export function PhotoDrop({
    onFile,
    wrong,
}: {
    onFile: (file: File | undefined) => void
    wrong: string | null
}): ReactNode {
    return (
        <div
            className="grid min-h-72 place-items-center rounded border-2 border-dashed border-line p-8 text-center"
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => {
                event.preventDefault()
                onFile(event.dataTransfer.files[0])
            }}
        >
            <div className="max-w-lg space-y-4">
                <p className="text-lg">{words.layThePieceFlatPutARuleBesideItAndLook}</p>
                <FileChoice
                    accept="image/*"
                    onFile={onFile}
                    className="inline-flex min-h-11 items-center gap-2 rounded bg-act px-5 font-semibold text-act-ink"
                >
                    <CameraIcon size={22} /> {words.takeOrChooseAPhoto}
                </FileChoice>
                <p className="text-soft">{words.orDropItHereItStaysOnThisDevice}</p>
                {wrong !== null && <p className="font-semibold text-danger">{wrong}</p>}
            </div>
        </div>
    )
}
