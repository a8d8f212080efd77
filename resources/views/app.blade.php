<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="color-scheme" content="light dark">
        <title>Open Glaze</title>
        <link rel="icon" href="/icon.svg" type="image/svg+xml">
        <script>
            (() => {
                let chosen = null
                try { chosen = localStorage.getItem('light') } catch { /* the browser keeps nothing */ }
                document.documentElement.dataset.light = chosen ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light')
            })()
        </script>
        @viteReactRefresh
        @vite(['resources/js/main.tsx', "resources/js/views/{$page['component']}/index.tsx"])
        @inertiaHead
    </head>
    <body>
        @inertia
    </body>
</html>
