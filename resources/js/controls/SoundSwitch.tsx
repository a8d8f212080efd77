import { SpeakerHighIcon, SpeakerSlashIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { allowSound, chime } from '../lib/sound'
import * as words from '@words/pour'

export function SoundSwitch({ loud, onLoud }: { loud: boolean; onLoud: (loud: boolean) => void }): ReactNode {
    return (
        <button
            type="button"
            aria-pressed={loud}
            aria-label={words.sound}
            className="grid size-16 place-items-center rounded border border-line bg-sheet"
            onClick={() => {
                allowSound()
                onLoud(!loud)
                if (!loud) setTimeout(chime, 50)
            }}
        >
            {loud ? <SpeakerHighIcon size={30} weight="fill" /> : <SpeakerSlashIcon size={30} />}
        </button>
    )
}
