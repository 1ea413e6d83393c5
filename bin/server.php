<?php

// The front door under PHP's own web server: styles, scripts, fonts and drawings compressed where asked, everything else to Laravel.
// Left to itself the server sends a file without its headers once compression is on.

declare(strict_types=1);

$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$public = dirname(__DIR__).'/public';

header_remove('X-Powered-By');
if (preg_match('#^/(?:build/[\w./-]+|[\w-]+)\.(css|js|woff2|svg|webmanifest)$#', $path, $match) && ! str_contains($path, '..') && is_file($public.$path)) {
    $types = ['css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml', 'webmanifest' => 'application/manifest+json'];
    header('Content-Type: '.$types[$match[1]]);
    header(str_starts_with($path, '/build/') ? 'Cache-Control: public, max-age=31536000, immutable' : 'Cache-Control: public, max-age=3600');
    header('X-Content-Type-Options: nosniff');
    header("Content-Security-Policy: default-src 'self'; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'");
    header('Referrer-Policy: same-origin');
    header('Permissions-Policy: camera=(), microphone=(), geolocation=()');
    readfile($public.$path);

    return true;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';
require $public.'/index.php';

return true;
