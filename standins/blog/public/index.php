<?php

declare(strict_types=1);

use Standins\blog\Site;

require __DIR__.'/../../../vendor/autoload.php';

$site = new Site((string) getenv('KITE_STANDIN_BLOG_NOTES'), (string) getenv('KITE_DEMO_BUTTON_FILE'));
[$status, $html, $location] = $site->answer((string) $_SERVER['REQUEST_METHOD'], (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
http_response_code($status);
header('Content-Type: text/html; charset=utf-8');
header('Cache-Control: no-store');
if ($location !== null) {
    header("Location: {$location}");
}
echo $html;
