<?php

declare(strict_types=1);

use Standins\pay\Api;
use Standins\pay\Events;
use Standins\pay\Ledger;
use Standins\pay\Page;

require __DIR__.'/../../../vendor/autoload.php';

$ledger = new Ledger((string) getenv('KITE_STANDIN_PAY_DB'));
$method = (string) $_SERVER['REQUEST_METHOD'];
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);

if (str_starts_with($path, '/api/')) {
    $headers = array_change_key_case(array_map(strval(...), getallheaders()));
    [$status, $answer] = (new Api($ledger, (string) getenv('KITE_STANDIN_PAY_KEY'), (string) getenv('KITE_STANDIN_PAY_ORIGIN')))
        ->answer($method, $path, $headers, (string) file_get_contents('php://input'));
    http_response_code($status);
    header('Content-Type: application/json');
    echo json_encode($answer, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    exit;
}

$page = new Page($ledger, new Events($ledger, (string) getenv('KITE_STANDIN_PAY_SECRET')));
[$status, $html, $location] = $page->answer($method, str_starts_with($path, '/pay/') ? substr($path, 5) : '');
http_response_code($status);
header('Content-Type: text/html; charset=utf-8');
header('Cache-Control: no-store');
header('Referrer-Policy: no-referrer');
if ($location !== null) {
    header("Location: {$location}");
}
echo $html;
