import { useState } from 'react'
import type { Sentences } from '../types/page'
import { sendsAgain } from './again'
import * as words from '@words/lib'

interface Sending {
    /** Whether a form is under way. */
    sending: boolean
    /** What the server refused, by field. */
    sentences: Sentences
    setSentences: (sentences: Sentences) => void
    /** What a visit is given so that it is followed here. */
    options: {
        onStart: () => void
        onFinish: () => void
        onError: (errors: Record<string, string>) => void
        onNetworkError: () => false
        onHttpException: (response: { status: number }) => false
    }
}

/** Follows a form on its way to the server and back. */
export function useSending(): Sending {
    const [sending, setSending] = useState(false)
    const [sentences, setSentences] = useState<Sentences>({})
    return {
        sending,
        sentences,
        setSentences,
        options: {
            onStart: () => setSending(true),
            onFinish: () => setSending(false),
            onError: setSentences,
            // what was typed still stands, and the press has a name: sending it again does it once
            onNetworkError: () => {
                setSentences({ form: words.theStudioDoesNotAnswerNothingWasLost })
                return false
            },
            onHttpException: ({ status }) => {
                if (sendsAgain(status)) return false
                setSentences({ form: words.theStudioCouldNotDoThatNowNothingWas })
                return false
            },
        },
    }
}
