import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import laravel from 'laravel-vite-plugin'
import { defineConfig, loadEnv, type Plugin } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

// Parts of the Inertia package that nobody names (its forms, its endless lists) are left out of what browsers get: it does not say itself that they may be.
const unusedPartsGo: Plugin = {
    name: 'unused-parts-go',
    transform: {
        filter: { id: /@inertiajs\/react\/dist\/index\.js$/ },
        handler: (code) =>
            code
                .replace(/ = (forwardRef|createContext)(\d*)\(/g, ' = /* @__PURE__ */ $1$2(')
                .replace(/^\w+\.displayName = .*$/gm, ''),
    },
}

// Each icon comes in six weights, of which three are drawn here.
const unusedWeightsGo: Plugin = {
    name: 'unused-weights-go',
    transform: {
        filter: { id: /@phosphor-icons\/react\/dist\/defs\/\w+\.es\.js$/ },
        handler: (code) => code.replace(/^ {2}\[\n {4}"(?:duotone|light|thin)",[\s\S]*?^ {2}\],?\n/gm, ''),
    },
}

export default defineConfig(({ mode }) => ({
    // the language that the interface speaks: one of the folders of resources/js/words
    resolve: { alias: { '@words': `/resources/js/words/${loadEnv(mode, '.', 'APP_').APP_LOCALE ?? 'en'}` } },
    plugins: [
        unusedPartsGo,
        unusedWeightsGo,
        laravel({ input: 'resources/js/main.tsx', refresh: false }),
        react(),
        tailwindcss(),
        VitePWA({
            strategies: 'injectManifest',
            srcDir: 'resources/js/worker',
            filename: 'worker.ts',
            outDir: 'public',
            registerType: 'prompt',
            injectRegister: false,
            manifest: false,
            injectManifest: {
                globDirectory: 'public/build',
                globPatterns: ['assets/**/*.{js,css,woff2}'],
                modifyURLPrefix: { '': '/build/' },
                // their names carry their contents
                dontCacheBustURLsMatching: /^assets\//,
            },
        }),
    ],
}))
