import { SpeakerHighIcon, SpeakerSlashIcon, UserSoundIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { allowSound, chime, hasVoice, say, type Loud } from '../lib/sound'
import * as words from '@words/pour'

/** Silent, two tones when something falls due, or these and a spoken line where the device has a voice of its own. */
export function SoundSwitch({ loud, onLoud }: { loud: Loud; onLoud: (loud: Loud) => void }): ReactNode {
    const next: Loud = loud === 'off' ? 'bell' : loud === 'bell' && hasVoice() ? 'voice' : 'off'
    return (
        <button
            type="button"
            aria-pressed={loud !== 'off'}
            aria-label={loud === 'voice' ? words.soundAndVoice : words.sound}
            className="grid size-16 place-items-center rounded border border-line bg-sheet"
            onClick={() => {
                allowSound()
                onLoud(next)
                if (next === 'bell') setTimeout(chime, 50)
                if (next === 'voice') say(words.itSpeaks)
            }}
        >
            {loud === 'off' && <SpeakerSlashIcon size={30} />}
            {loud === 'bell' && <SpeakerHighIcon size={30} weight="fill" />}
            {loud === 'voice' && <UserSoundIcon size={30} weight="fill" />}
        </button>
    )
}
