<?php

declare(strict_types=1);

// What PHP's own server asks for every request: files of public/ as they are, everything else to the application.

$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath(__DIR__.'/../public'.$path);
$public = realpath(__DIR__.'/../public');

// Built files carry their contents' fingerprint in their names: a browser may keep them for good.
const KEPT = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2'];
$kind = KEPT[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
if ($file !== false && $public !== false && $kind !== null && str_starts_with($file, $public.'/build/assets/')) {
    header('Content-Type: '.$kind);
    header('Content-Length: '.filesize($file));
    header('Cache-Control: public, max-age=31536000, immutable');
    readfile($file);

    return;
}

if ($file !== false && $public !== false && is_file($file) && str_starts_with($file, $public.'/') && ! str_ends_with($file, '.php')) {
    return false;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__.'/../public/index.php';
