<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="color-scheme" content="light dark">
        <title>Open Glaze</title>
        <link rel="icon" href="/icon.svg" type="image/svg+xml">
        <link rel="manifest" href="/app.webmanifest">
        <script src="/light.js"></script>
        @viteReactRefresh
        @vite(['resources/js/main.tsx', "resources/js/views/{$page['component']}/index.tsx"])
        @inertiaHead
    </head>
    <body>
        @inertia
    </body>
</html>
