<?php

// The front door under PHP's own web server: built files with long cache times and compressed, everything else to Laravel.

declare(strict_types=1);

$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$public = dirname(__DIR__).'/public';

if (preg_match('#^/build/[\w./-]+\.(css|js|woff2)$#', $path, $match) && ! str_contains($path, '..') && is_file($public.$path)) {
    $types = ['css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'woff2' => 'font/woff2'];
    header('Content-Type: '.$types[$match[1]]);
    header('Cache-Control: public, max-age=31536000, immutable');
    header('X-Content-Type-Options: nosniff');
    readfile($public.$path);

    return true;
}

if ($path !== '/' && is_file($public.$path) && ! str_ends_with($path, '.php')) {
    return false;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';
require $public.'/index.php';

return true;
