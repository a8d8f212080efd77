import { defineConfig } from 'vite'

// one script with what needs no page, beside what is served and never among it
export default defineConfig({
    logLevel: 'error',
    define: { 'process.env.NODE_ENV': '"production"' },
    resolve: { alias: { '@words': '/resources/js/words/en' } },
    publicDir: false,
    build: {
        lib: { entry: 'tests/Browser/Pure/entry.ts', name: 'Pure', formats: ['iife'], fileName: () => 'pure.js' },
        outDir: 'storage/framework/testing/pure',
        emptyOutDir: true,
    },
})
