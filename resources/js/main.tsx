import '../css/app.css'
import { createInertiaApp, router, type ResolvedComponent } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { createRoot } from 'react-dom/client'
import { Shell } from './controls/Shell'
import { followVisits } from './lib/again'
import { goAtPace } from './lib/clock'
import { deviceHeader, nameStudio, tokenHeader } from './lib/http'
import { openQueue } from './lib/journal/useJournal'
import { followNetwork } from './lib/unreached'
import { keepPage, openWorker } from './lib/worker'
import type { SharedProps } from './types/page'
import * as words from '@words/main'

const views = import.meta.glob<{ default: ResolvedComponent }>('./views/*/index.tsx')

void createInertiaApp({
    title: (title) => (title ? words.openGlaze(title) : words.openGlazeAlone),
    resolve: async (name: string): Promise<ResolvedComponent> => {
        const load = views[`./views/${name}/index.tsx`]
        if (load === undefined) throw new Error(words.thereIsNoView(name))
        const view = await load()
        view.default.layout ??= (page: ReactNode) => <Shell>{page}</Shell>
        return view.default
    },
    setup({ el, App, props }) {
        const { studio_id: studio, rehearsal } = props.initialPage.props as unknown as SharedProps
        goAtPace(rehearsal === null ? 1 : rehearsal.ended ? 0 : rehearsal.pace)
        nameStudio(studio)
        openQueue(studio)
        void openWorker()
        // a page of another studio has a queue of its own: it is opened anew
        router.on('navigate', (visit) => {
            keepPage(visit.detail.page.url)
            if ((visit.detail.page.props as unknown as SharedProps).studio_id !== studio) location.reload()
        })
        router.on('before', ({ detail: { visit } }) => {
            visit.headers = { ...visit.headers, ...deviceHeader(), ...tokenHeader() }
        })
        followVisits()
        followNetwork()
        if (el !== null) createRoot(el).render(<App {...props} />)
    },
    progress: { color: '#1f4aa0' },
})
