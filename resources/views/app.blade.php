<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}">
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
        {{-- as the framework's own directive writes it; but what cannot be encoded is an error, not a blank page --}}
        <script data-page="app" type="application/json">{!! json_encode($page, JSON_HEX_TAG | JSON_THROW_ON_ERROR) !!}</script>
        <div id="app"></div>
    </body>
</html>
