import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import laravel from 'laravel-vite-plugin'
import { defineConfig, loadEnv } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

export default defineConfig(({ mode }) => ({
    // the language that the interface speaks: one of the folders of resources/js/words
    resolve: { alias: { '@words': `/resources/js/words/${loadEnv(mode, '.', 'APP_').APP_LOCALE ?? 'en'}` } },
    plugins: [
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
