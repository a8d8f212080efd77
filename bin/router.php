<?php

declare(strict_types=1);

// What PHP's own server asks for every request: files of public/ as they are, everything else to the application.

$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath(__DIR__.'/../public'.$path);
$public = realpath(__DIR__.'/../public');

if ($file !== false && $public !== false && is_file($file) && str_starts_with($file, $public.'/') && ! str_ends_with($file, '.php')) {
    return false;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__.'/../public/index.php';
