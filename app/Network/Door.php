<?php

declare(strict_types=1);

namespace App\Network;

/** What stands before the application where phones come in: nginx, speaking https, and on the same port answering plain http with how to trust it. */
final readonly class Door
{
    /**
     * @param  string  $folder  for what it writes
     * @param  int  $port  where phones come in
     * @param  int  $inner  where the application answers, on this machine alone
     */
    public function __construct(private string $folder, private string $authority, private int $port, private int $inner)
    {
    }

    /** @return string the file that nginx reads */
    public function write(): string
    {
        is_dir($this->folder) || mkdir($this->folder, 0o700, true);
        $file = "{$this->folder}/nginx.conf";
        file_put_contents($file, $this->settings());

        return $file;
    }

    private function settings(): string
    {
        $rest = implode("\n    ", array_map(
            fn (string $kind) => "{$kind}_temp_path \"{$this->folder}/{$kind}\";", ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi'],
        ));
        // Whoever comes in says nothing of himself that is believed: where from and by what is said anew.
        $on = "proxy_pass http://127.0.0.1:{$this->inner};
            proxy_set_header Host \$http_host;
            proxy_set_header X-Forwarded-For \$remote_addr;
            proxy_set_header X-Forwarded-Proto";

        $user = function_exists('posix_geteuid') && posix_geteuid() === 0 ? 'user root;' : '';

        return <<<NGINX
            daemon off;
            {$user}
            pid "{$this->folder}/nginx.pid";
            error_log "{$this->folder}/nginx.log" warn;
            events { worker_connections 512; }
            http {
                access_log off;
                server_tokens off;
                client_max_body_size 22m;
                {$rest}
                server {
                    listen {$this->port} ssl http2;
                    ssl_certificate "{$this->authority}/machine.crt";
                    ssl_certificate_key "{$this->authority}/machine.key";
                    ssl_protocols TLSv1.2 TLSv1.3;
                    ssl_session_cache shared:aequus:1m;
                    ssl_session_tickets off;
                    error_page 497 = @plain;
                    location / {
                        {$on} https;
                    }
                    location @plain {
                        if (\$request_uri !~ ^/(trust(/aequus\.crt)?|build/[\w./-]+|[\w-]+\.svg)$) { return 302 http://\$host:{$this->port}/trust; }
                        {$on} http;
                    }
                }
            }

            NGINX;
    }
}
