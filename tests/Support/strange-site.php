<?php

declare(strict_types=1);

// A site that answers as no honest one does: run with a port, until it is ended. It says on its output who asked for what.

$server = stream_socket_server("tcp://127.0.0.1:{$argv[1]}") ?: exit(1);
echo "ready\n";
while (true) {
    $client = @stream_socket_accept($server, 60);
    if ($client === false) {
        exit(0);
    }
    // Whoever is answered slowly keeps nobody waiting.
    if (pcntl_fork() !== 0) {
        fclose($client);

        continue;
    }
    $head = '';
    while (! str_contains($head, "\r\n\r\n") && ($line = fgets($client)) !== false) {
        $head .= $line;
    }
    $path = explode(' ', $head)[1] ?? '/';
    echo "{$path}\n";
    $say = static fn (string $status, string $more, string $body = '') => @fwrite($client, "HTTP/1.1 {$status}\r\n{$more}Connection: close\r\n\r\n{$body}");
    match (strtok($path, '?')) {
        '/page' => $say('200 OK', "Content-Type: text/html\r\n", '<p>Here it is.</p>'),
        '/gone' => $say('410 Gone', ''),
        '/missing' => $say('404 Not Found', ''),
        '/busy' => $say('429 Too Many Requests', "Retry-After: 120\r\n"),
        '/closed' => $say('503 Service Unavailable', 'Retry-After: '.gmdate('D, d M Y H:i:s', time() + 300)." GMT\r\n"),
        '/on' => $say('302 Found', "Location: /page\r\n"),
        '/around' => $say('302 Found', "Location: /around\r\n"),
        '/away' => $say('302 Found', "Location: http://127.0.0.1:{$argv[1]}/page\r\n"),
        '/abroad' => $say('301 Moved Permanently', "Location: https://elsewhere.example/\r\n"),
        '/file' => $say('302 Found', "Location: file:///etc/passwd\r\n"),
        '/upwards' => $say('302 Found', "Location: //attacker@127.0.0.1/page\r\n"),
        '/large' => $say('200 OK', "Content-Type: text/html\r\n", str_repeat('x', 1_200_000)),
        '/packed' => $say('200 OK', "Content-Encoding: gzip\r\n", (string) gzencode(str_repeat('x', 5_000_000))),
        '/heads' => $say('200 OK', str_repeat('X-Much: '.str_repeat('y', 1_000)."\r\n", 60)),
        '/slow' => sleep(9),
        '/endless' => (static function () use ($client, $say): void {
            $say('200 OK', "Content-Type: text/html\r\n");
            for ($second = 0; $second < 12 && @fwrite($client, str_repeat('drop ', 10)) !== false; $second++) {
                sleep(1);
            }
        })(),
        '/nonsense' => @fwrite($client, "220 mail.example ESMTP\r\n"),
        default => null,
    };
    fclose($client);
    exit(0);
}
